import type { Group, LiquidKind } from './kinds.ts'

/** A liquid, or a solution, as it is handed out. */
export interface Liquid {
  readonly kind: LiquidKind
  readonly groups: ReadonlySet<Group>
  /** Whether it goes into water, or lies over or under it. */
  readonly water: 'mixes' | 'parts'
  /** How it burns, if it does. */
  readonly burns?: 'clean' | 'smoky'
  readonly smell?: string
}

function liquid(kind: LiquidKind, groups: readonly Group[], water: Liquid['water'], more: Partial<Liquid> = {}): Liquid {
  return { kind, groups: new Set(groups), water, ...more }
}
const CLEAN = { burns: 'clean' } as const
const SMOKY = { burns: 'smoky' } as const
const SPIRIT = { ...CLEAN, smell: 'alcoholic' } as const
const FRUITY = { ...CLEAN, smell: 'fruity' } as const
const WATERY: readonly Group[] = ['water']

/**
 * Liquids by name, with the groups that their tests find. Solubilities, smells and flames are common practice; longer
 * chains part from water from about four carbon atoms on.
 */
export const LIQUIDS: Readonly<Record<string, Liquid>> = {
  hexane: liquid('alkane', [], 'parts', { ...CLEAN, smell: 'petrol' }),
  cyclohexane: liquid('alkane', [], 'parts', { ...CLEAN, smell: 'petrol' }),
  cyclohexene: liquid('alkene', ['C=C'], 'parts', { ...SMOKY, smell: 'petrol' }),
  'hex-1-ene': liquid('alkene', ['C=C'], 'parts', { ...SMOKY, smell: 'petrol' }),
  methanol: liquid('primary alcohol', ['alcohol 1°'], 'mixes', SPIRIT),
  ethanol: liquid('primary alcohol', ['alcohol 1°', 'CH3CO-'], 'mixes', SPIRIT),
  'propan-1-ol': liquid('primary alcohol', ['alcohol 1°'], 'mixes', SPIRIT),
  'butan-1-ol': liquid('primary alcohol', ['alcohol 1°'], 'parts', SPIRIT),
  'propan-2-ol': liquid('secondary alcohol', ['alcohol 2°', 'CH3CO-'], 'mixes', SPIRIT),
  'butan-2-ol': liquid('secondary alcohol', ['alcohol 2°', 'CH3CO-'], 'mixes', SPIRIT),
  'pentan-3-ol': liquid('secondary alcohol', ['alcohol 2°'], 'parts', SPIRIT),
  '2-methylpropan-2-ol': liquid('tertiary alcohol', ['alcohol 3°'], 'mixes', SPIRIT),
  '2-methylbutan-2-ol': liquid('tertiary alcohol', ['alcohol 3°'], 'parts', SPIRIT),
  ethanal: liquid('aldehyde', ['aldehyde', 'CH3CO-'], 'mixes', FRUITY),
  propanal: liquid('aldehyde', ['aldehyde'], 'mixes', FRUITY),
  butanal: liquid('aldehyde', ['aldehyde'], 'parts', FRUITY),
  propanone: liquid('ketone', ['ketone', 'CH3CO-'], 'mixes', FRUITY),
  butanone: liquid('ketone', ['ketone', 'CH3CO-'], 'mixes', FRUITY),
  'pentan-3-one': liquid('ketone', ['ketone'], 'parts', FRUITY),
  'methanoic acid': liquid('carboxylic acid', ['acid', 'methanoate'], 'mixes', { ...CLEAN, smell: 'sharp' }),
  'ethanoic acid': liquid('carboxylic acid', ['acid'], 'mixes', { ...CLEAN, smell: 'vinegar' }),
  'propanoic acid': liquid('carboxylic acid', ['acid'], 'mixes', { ...CLEAN, smell: 'vinegar' }),
  'ethyl ethanoate': liquid('ester', ['ester'], 'parts', FRUITY),
  'methyl propanoate': liquid('ester', ['ester'], 'parts', FRUITY),
  phenol: liquid('phenol', ['phenol', 'water'], 'mixes', { smell: 'antiseptic' }),
  '1-chlorobutane': liquid('haloalkane', ['C-Cl'], 'parts', SMOKY),
  '1-bromobutane': liquid('haloalkane', ['C-Br'], 'parts', SMOKY),
  '1-iodobutane': liquid('haloalkane', ['C-I'], 'parts'),
  '2-bromo-2-methylpropane': liquid('haloalkane', ['C-Br'], 'parts', SMOKY),
  glucose: liquid('reducing sugar', ['reducing sugar', 'sugar', 'water'], 'mixes'),
  fructose: liquid('reducing sugar', ['reducing sugar', 'sugar', 'water'], 'mixes'),
  maltose: liquid('reducing sugar', ['reducing sugar', 'sugar', 'water'], 'mixes'),
  sucrose: liquid('non-reducing sugar', ['sugar', 'split sugar', 'water'], 'mixes'),
  water: liquid('water', WATERY, 'mixes'),
  'sodium chloride': liquid('aqueous salt', ['ions', 'water'], 'mixes'),
  'hydrochloric acid': liquid('dilute acid', ['strong acid', 'water'], 'mixes'),
  'sulfuric acid': liquid('dilute acid', ['strong acid', 'water'], 'mixes'),
  'sodium hydroxide': liquid('dilute alkali', ['alkali', 'ions', 'water'], 'mixes'),
}
