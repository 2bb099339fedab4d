/** Kinds of liquid that the tests of school tell apart. */
export const LIQUID_KINDS = [
  'alkane',
  'alkene',
  'primary alcohol',
  'secondary alcohol',
  'tertiary alcohol',
  'aldehyde',
  'ketone',
  'carboxylic acid',
  'ester',
  'phenol',
  'haloalkane',
  'reducing sugar',
  'non-reducing sugar',
  'water',
  'aqueous salt',
  'dilute acid',
  'dilute alkali',
] as const

export type LiquidKind = (typeof LIQUID_KINDS)[number]

/** Kinds that are solutions of ions, of which the ions are sought. */
export const OF_IONS: ReadonlySet<LiquidKind> = new Set(['water', 'aqueous salt', 'dilute acid', 'dilute alkali'])

/** What several kinds are together, where they are not told apart. */
export const FAMILIES: readonly { readonly says: string; readonly kinds: ReadonlySet<LiquidKind> }[] = [
  { says: 'alcohol', kinds: new Set(['primary alcohol', 'secondary alcohol', 'tertiary alcohol']) },
  { says: 'primary or secondary alcohol', kinds: new Set(['primary alcohol', 'secondary alcohol']) },
  { says: 'carbonyl compound', kinds: new Set(['aldehyde', 'ketone']) },
  { says: 'hydrocarbon', kinds: new Set(['alkane', 'alkene']) },
  { says: 'sugar', kinds: new Set(['reducing sugar', 'non-reducing sugar']) },
]

/** What in a molecule, or in a solution, a test finds. */
export type Group =
  | 'C=C'
  | 'alcohol 1°'
  | 'alcohol 2°'
  | 'alcohol 3°'
  | 'aldehyde'
  | 'ketone'
  | 'CH3CO-'
  | 'acid'
  | 'methanoate'
  | 'ester'
  | 'phenol'
  | 'C-Cl'
  | 'C-Br'
  | 'C-I'
  | 'reducing sugar'
  | 'sugar'
  | 'split sugar'
  | 'water'
  | 'ions'
  | 'strong acid'
  | 'alkali'
