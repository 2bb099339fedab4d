import { sayFact, type TubeStep } from '../tube/index.ts'
import { contentsBefore, playedStep } from './foretell.ts'
import { CANDIDATES } from './ions.ts'

/** What an ion by itself shows in a test, step by step. */
export interface Behaviour {
  readonly steps: readonly { readonly step: TubeStep; readonly saw: string }[]
}

const add = (reagent: string, amount = 'drops'): TubeStep => ({ do: 'add', reagent, amount })

/** The usual tests of a kind of ion, each on a fresh portion. */
const USUAL: Readonly<Record<'cation' | 'anion', readonly (readonly TubeStep[])[]>> = {
  cation: [
    [add('NaOH(aq)'), add('NaOH(aq)', 'excess'), { do: 'warm' }],
    [add('NH3(aq)'), add('NH3(aq)', 'excess')],
    [add('Na2CO3(aq)')],
    [{ do: 'flame' }],
  ],
  anion: [
    [add('HCl(aq)', 'excess')],
    [add('HNO3(aq)'), add('AgNO3(aq)'), add('NH3(aq)', 'excess')],
    [add('HNO3(aq)'), add('Ba(NO3)2(aq)')],
    [add('Pb(NO3)2(aq)')],
    [add('NaOH(aq)', 'excess'), { do: 'boil' }, add('Al(s)', 'piece'), { do: 'warm' }],
  ],
}

/** How an ion of the table behaves in the usual tests, as the model has it; nothing where it is not in the table. */
export function behaviourOf(ion: string): readonly Behaviour[] {
  const candidate = CANDIDATES.find((one) => one.ion === ion)
  if (!candidate) return []
  return USUAL[candidate.kind].map((steps) => {
    let tube = contentsBefore({ ions: [candidate] }, { cm3: 1, form: 'solution', before: [] })
    return {
      steps: steps.map((step) => {
        const next = tube && playedStep(tube, step)
        tube = next?.tube ?? tube
        return { step, saw: next?.shown.facts.map(sayFact).join('; ') ?? '' }
      }),
    }
  })
}
