import type { Question } from '../../record/index.ts'
import { type Answer, reckonTask } from '../index.ts'
import { task } from './answers.ts'

/** One titration of a portion of a solution, and what is asked of it. */
export interface Titrated {
  readonly burette: string
  readonly strength?: string
  readonly equation: string
  /** Reactions that went before. */
  readonly before?: readonly string[]
  readonly titre?: string
  /** Label of the solution in the flask. */
  readonly solute?: string
  readonly inExcess?: readonly string[]
  readonly find: object
  readonly unit?: string
  readonly conventions?: object
}

/** 25.0 cm³ of F, titrated once from a burette of B (0.100 mol/dm³, 20.00 cm³ of it, unless it says otherwise). */
function titrationTask(sheet: Titrated) {
  const { burette, strength = '0.100', equation, before = [], titre = '20.00', solute, inExcess, find, unit, conventions } = sheet
  return task({
    conventions: { concordance: { runs: 1 }, ...conventions },
    materials: [
      { id: 'B', label: 'B', form: 'solution', solute: burette, strength: { value: strength, unit: 'mol/dm3' } },
      { id: 'F', label: 'F', form: 'solution', ...(solute ? { solute } : {}) },
    ],
    parts: [
      {
        id: 't',
        kind: 'titration',
        burette: 'B',
        flask: [{ material: 'F', volume: '25.0', by: 'pipette' }],
        reactions: [...before.map((one) => ({ equation: one, role: 'before' })), { equation, role: 'titration' }],
        ...(inExcess ? { inExcess } : {}),
        runs: [{ kind: 'accurate', initial: '0.00', final: titre }],
      },
    ],
    questions: [
      { id: 'q', find: { quantity: 'concentration', in: 'F', ...find } as Question['find'], ...(unit ? { unit } : {}) },
    ],
  })
}

/** The answer to what is asked of a titration. */
export function answerOfTitration(sheet: Titrated): Answer {
  const [answer] = reckonTask(titrationTask(sheet)).answers
  if (!answer) throw new Error('nothing was asked')
  return answer
}
