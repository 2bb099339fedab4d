import type { TubeStep } from '../../tube/index.ts'
import { TESTS } from '../tests.ts'

const add = (reagent: string, amount = 'drops'): TubeStep => ({ do: 'add', reagent, amount })
const act = (what: TubeStep['do']): TubeStep => ({ do: what })

/** A reagent in a few drops and then in excess, and warmed. */
const bothWays = (reagent: string): readonly (readonly TubeStep[])[] => [
  [add(reagent), add(reagent, 'excess'), act('warm')],
  [add(reagent), act('warm')],
  [add(reagent, 'excess'), act('warm')],
]

/** A reagent after an acid, and what a halide's precipitate does in ammonia. */
const afterAcid = (acid: string, reagent: string): readonly (readonly TubeStep[])[] => [
  [add(acid), add(reagent), add('NH3(aq)', 'excess')],
  [add(acid, 'excess'), add(reagent)],
]

/**
 * What is usually done with a fresh portion (common practice), and the tests that are advised. What every ion by itself
 * shows in these is in a table, so that the first record need not wait until all of it has been played.
 */
export const USUAL_ACTS: readonly (readonly TubeStep[])[] = [
  ...TESTS.map(({ steps }) => steps),
  ...bothWays('NaOH(aq)'),
  ...bothWays('NH3(aq)'),
  ...bothWays('HCl(aq)'),
  ...bothWays('H2SO4(aq)'),
  ...bothWays('HNO3(aq)'),
  ...afterAcid('HNO3(aq)', 'AgNO3(aq)'),
  ...afterAcid('HNO3(aq)', 'Ba(NO3)2(aq)'),
  ...afterAcid('HNO3(aq)', 'BaCl2(aq)'),
  ...afterAcid('HCl(aq)', 'BaCl2(aq)'),
  ...afterAcid('HCl(aq)', 'Ba(NO3)2(aq)'),
  [add('AgNO3(aq)'), add('HNO3(aq)')],
  [add('AgNO3(aq)'), add('NH3(aq)'), add('NH3(aq)', 'excess')],
  [add('Ba(NO3)2(aq)'), add('HNO3(aq)')],
  [add('BaCl2(aq)'), add('HCl(aq)')],
  ...['piece', 'drops'].flatMap((much) => [
    [add('NaOH(aq)', 'excess'), add('Al(s)', much), act('warm')],
    [add('NaOH(aq)', 'excess'), act('boil'), add('Al(s)', much), act('warm')],
    [add('NaOH(aq)'), add('NaOH(aq)', 'excess'), act('warm'), add('Al(s)', much), act('warm')],
  ]),
  [add('Na2CO3(aq)')],
  [add('KI(aq)'), add('KI(aq)', 'excess')],
  [add('Pb(NO3)2(aq)')],
  [add('FeCl3(aq)'), act('boil')],
  [add('KSCN(aq)')],
  [add('K4Fe(CN)6(aq)')],
  [act('look')],
  [act('flame')],
  [act('smell')],
  [act('warm')],
]

/** Text of acts, one after another: the key of the table. */
export const textOfActs = (steps: readonly TubeStep[]): string => steps.map((step) => JSON.stringify(step)).join('')
