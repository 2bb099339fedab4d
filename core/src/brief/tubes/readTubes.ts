import { isAsked } from '../ask/asked.ts'
import type { Draft } from '../draft/Draft.ts'
import type { DraftAct, DraftTube } from '../draft/parts.ts'
import type { SheetMaterial } from '../label/material.ts'
import type { Read } from '../label/said.ts'
import { ofKind } from '../mention/mention.ts'
import { ordersIn } from './orders.ts'

interface Test extends DraftTube {
  /** The only samples it is done on; all of them where none is named. */
  readonly only: readonly string[]
  readonly line: number
}

const ANOTHER =
  /\bto (?:one|the other|another|a (?:second|third|fourth|fifth|further|fresh|new|separate)|the (?:second|third|fourth|remaining|next)) (?:portion|sample|part|half|1 ?cm)|\bfresh (?:portion|sample)|\bnew (?:tube|portion)/i
const GOES_ON =
  /^\s*(?:then|and|now)\b|\bsame (?:tube|test-?tube)|\bto (?:the|this) (?:mixture|precipitate|solution formed|tube)\b|^(?:warm|boil|shake|cool|leave|filter|test (?:any|the|for))\b|\bgas (?:evolved|given)/i
const ADDS = /\b(?:add|test (?:it|each)? ?with)\s*:?$/i
const INSTRUCTS =
  /^(?:carry out (?!a flame)|complete the|do (?:these|the following)|use a (?:fresh|\d)|take (?:a (?:fresh|separate)|\d|about)|for (?:every|each) test|record|you are provided|test and identify|if\b|divide\b|observe\b|describe what|note (?:what|any|all)|write\b|repeat the tests|in each (?:case|test))/i
const REPEATS =
  /\brepeat (?:test |step |part |experiment )?\(?([a-z]{1,4}|\d{1,2})\)? (?:but )?(?:with|using) (.+?)(?:,? (?:in place of|instead of)\b|\.|$)/i
const HEAD_CELL =
  /^(?:tests?|observations?|results?|inferences?|deductions?|reagents?|procedure|what (?:to do|you (?:do|see))|no\.?)\b/i

/** Samples of the tests: labels of the question that are no bottles to add from. */
function samplesOf(draft: Draft, reads: readonly Read[]): readonly SheetMaterial[] {
  const here = new Set(reads.flatMap(({ mentions }) => ofKind(mentions, 'label').map(({ label }) => label)))
  const text = reads.map(({ sentence }) => sentence.text).join('\n')
  const added = (label: string) =>
    new RegExp(`\\b(?:add(?:ing)?|of|followed by|then)\\s+(?:[\\w ]{0,24}\\s)?${label.replace(/ /g, ' ')}\\b`, 'i').test(text)
  return [...draft.materials.values()].filter(
    ({ label, solute, product, indicator, strength }) =>
      here.has(label) &&
      !product &&
      !indicator &&
      !((solute !== undefined || strength !== undefined) && added(label) && solute !== undefined),
  )
}

const acidOf = (formula: string, form: SheetMaterial['form']) => `${formula}(${form === 'solid' ? 's' : 'aq'})`

/** Tests in tubes of a question, each planned in a tube of its own for every sample. */
export function readTubesOf(draft: Draft, reads: readonly Read[]): void {
  const samples = samplesOf(draft, reads).map(({ label }) => label)
  const bottles = [...draft.materials.values()].flatMap(({ label, solute, form }) =>
    solute === undefined || samples.includes(label) ? [] : [{ label, reagent: acidOf(solute.split('.')[0] ?? solute, form) }],
  )
  const tests: Test[] = []
  let prefix: readonly DraftAct[] = []
  let prefixUnder = ''
  // Whether something was dissolved since the last test.
  let isPrepared = false
  let listed = ''
  const isNumbered = reads.some(({ sentence }) => sentence.markers.length > 0)
  for (const read of reads) {
    const { sentence, mentions } = read
    if (sentence.cell && (HEAD_CELL.test(sentence.text) || sentence.cell.column > 0 || samples.includes(sentence.text))) {
      draft.mark(sentence.n, 'heading')
      for (const mention of mentions) draft.land(mention, 'a heading of the table')
      continue
    }
    if (isAsked(sentence.text) || draft.kinds.get(sentence.n) === 'material') continue
    const copy = repeated(sentence.text, tests, samples, bottles)
    if (copy) {
      tests.push({ test: sentence.number, acts: copy, sentence: sentence.n, only: [], line: sentence.line })
      landTest(draft, read)
      continue
    }
    if (INSTRUCTS.test(sentence.text) && !/\badd\b/i.test(sentence.text)) {
      draft.mark(sentence.n, 'instruction')
      for (const mention of mentions) draft.land(mention, 'how the tests are done')
      continue
    }
    const current = tests.at(-1)
    const goesOn =
      current !== undefined &&
      !isPrepared &&
      !ANOTHER.test(sentence.text) &&
      (GOES_ON.test(sentence.text) ||
        (sentence.markers.length === 0 && ((isNumbered && !sentence.cell) || /^[a-z]/.test(sentence.text))))
    const before = goesOn ? current.acts : []
    // "To separate portions of each add" stands before a list of what is added.
    const lead = ADDS.test(reads[reads.indexOf(read) - 1]?.sentence.text ?? '') ? 'add ' : listed
    listed = sentence.markers.length > 0 ? lead : ''
    const { acts } = ordersIn(`${lead}${sentence.text}`, {
      samples,
      bottles,
      before,
      last: goesOn ? current.acts.findLast((act) => act.do === 'add')?.reagent : undefined,
    })
    if (acts.length === 0) {
      // What is only brought into the tube is what the next sentence does something with.
      if (mentions.some((one) => one.kind === 'vessel' && one.vessel === 'tube')) landTest(draft, read)
      continue
    }
    landTest(draft, read)
    if (acts.length === 1 && acts[0]?.do === 'dissolve') {
      prefix = acts
      isPrepared = true
      // A solution that portions are taken of is tested in what follows; any other only under its own number.
      const isShared = /\bportions?\b|\bdivide\b|\bfor (?:the )?tests?\b|\bparts\b/i.test(
        `${sentence.text} ${reads[reads.indexOf(read) + 1]?.sentence.text ?? ''}`,
      )
      prefixUnder = isShared ? sentence.number.replace(/\([a-z]+\)$|\.?\w+$/, '') : sentence.number
      continue
    }
    isPrepared = false
    if (goesOn && current) current.acts.push(...acts)
    else {
      const begun = prefix.length > 0 && sentence.number.startsWith(prefixUnder) ? prefix : []
      const only = ofKind(mentions, 'label')
        .map(({ label }) => label)
        .filter((label) => samples.includes(label))
      tests.push({ test: sentence.number, acts: [...begun, ...acts], sentence: sentence.n, only, line: sentence.line })
    }
  }
  makeRack(draft, reads, samples, tests)
}

function landTest(draft: Draft, { sentence, mentions }: Read): void {
  draft.mark(sentence.n, 'tubes')
  for (const mention of mentions) draft.land(mention, 'a test in a tube')
}

/** "Repeat Test 3 with silver nitrate in place of barium chloride": the same acts with another bottle at the end. */
function repeated(
  text: string,
  tests: readonly Test[],
  samples: readonly string[],
  bottles: readonly { label: string; reagent: string }[],
): DraftAct[] | undefined {
  const [, name, instead = ''] = REPEATS.exec(text) ?? []
  if (name === undefined) return undefined
  const test = tests.find((one) => new RegExp(`(?:^|[^a-z0-9])${name}\\)?$`, 'i').test(one.test))
  const [swap] = ordersIn(`add ${instead}`, { samples, bottles }).acts
  if (!test || swap?.reagent === undefined) return undefined
  return test.acts.map((act, index) =>
    index === test.acts.length - 1 && swap.reagent !== undefined ? { ...act, reagent: swap.reagent } : act,
  )
}

function makeRack(draft: Draft, reads: readonly Read[], samples: readonly string[], tests: readonly Test[]): void {
  const [first] = tests
  const opening = reads.find(({ sentence }) => sentence.n === first?.sentence)
  if (!first || !opening) return
  const rack = draft.begin('rack', opening, {
    samples: samples.map((material) => ({
      material,
      tubes: tests
        .filter(({ only }) => only.length === 0 || only.includes(material))
        .map(({ test, acts, sentence }) => ({ test, acts: [...acts], sentence })),
    })),
    allowed: [],
  })
  for (const { sentence } of tests) draft.touch(sentence, rack.id)
}
