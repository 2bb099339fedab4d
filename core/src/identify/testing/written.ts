import { readFileSync } from 'node:fs'
import type { PartOf } from '../../record/index.ts'
import type { SampleForm } from '../hypothesis.ts'
import type { Stated } from '../priors.ts'
import { statedIn } from '../stated.ts'

type Tube = PartOf<'rack'>['samples'][number]['tubes'][number]

/** A record written out by hand, with what really was in the sample. */
export interface WrittenRecord {
  readonly name: string
  readonly form: SampleForm
  readonly truth: readonly string[]
  readonly stated: Stated
  readonly tubes: readonly Tube[]
}

const AMOUNTS: Readonly<Record<string, string>> = { d: 'drops', x: 'excess', p: 'piece', e: 'equal' }
const BARE_ACT = /^(look|heat|warm|boil|stand|flame|smell|filter)$/

/** `NaOH d: white ppt`, or `warm: no change`. */
function stepOf(text: string, index: number): Tube['steps'][number] {
  const at = text.indexOf(': ')
  const [what, saw] = [text.slice(0, at), text.slice(at + 2)]
  const id = `s${index + 1}`
  if (BARE_ACT.test(what)) return { id, do: what as Tube['steps'][number]['do'], saw }
  const [, bottle = '', amount] = /^(.*?)(?: ([dxpe]))?$/.exec(what) ?? []
  const reagent = /\((?:s|l|aq|g|conc)\)$/.test(bottle) || /litmus|indicator/.test(bottle) ? bottle : `${bottle}(aq)`
  return { id, do: 'add', reagent, ...(amount ? { amount: AMOUNTS[amount] } : {}), saw }
}

function recordOf(block: string): WrittenRecord {
  const [head = '', ...lines] = block.trim().split('\n')
  const [name = '', form = 'solution', truth = '', states = ''] = head.split(';')
  return {
    name,
    form: form as SampleForm,
    truth: truth.split(' ').filter((ion) => ion !== ''),
    stated: statedIn(states),
    tubes: lines.map((line, index) => ({
      id: `P${index + 1}`,
      ...(form === 'solution' ? { cm3: '1' } : {}),
      steps: line.split(' | ').map(stepOf),
    })),
  }
}

/**
 * The records of a round: `@name;form;ions;what the sheet states`, then a line for each tube with its steps.
 *
 * @param round - name of a file beside this one
 */
export const writtenRecords = (round: string): readonly WrittenRecord[] =>
  readFileSync(new URL(`written/${round}.txt`, import.meta.url), 'utf8')
    .split(/^@/m)
    .slice(1)
    .map(recordOf)
