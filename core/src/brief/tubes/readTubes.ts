import { isAsked } from '../ask/asked.ts'
import type { Draft } from '../draft/Draft.ts'
import type { DraftAct, DraftTube } from '../draft/parts.ts'
import type { SheetMaterial } from '../label/material.ts'
import type { Read } from '../label/said.ts'
import { ofKind } from '../mention/mention.ts'
import { allowedIn, limitsReagents, noteStated } from './allowed.ts'
import { listedIn } from './listed.ts'
import { ordersIn } from './orders.ts'

interface Test extends DraftTube {
  /** The only samples it is done on; all of them where none is named. */
  readonly only: readonly string[]
  readonly line: number
}

const ANOTHER =
  /\bto (?:one|the other|another|a (?:second|third|fourth|fifth|further|fresh|new|separate)|the (?:second|third|fourth|remaining|next)) (?:portion|sample|part|half|1 ?cm)|\bfresh (?:portion|sample)|\bnew (?:tube|portion)/i
const GOES_ON =
  /^\s*(?:then|and|now|in excess|an excess|until)\b|\bsame (?:tube|test-?tube)|\bto (?:the|this) (?:mixture|precipitate|solution formed|tube)\b|^(?:warm|boil|shake|cool|leave|filter|test (?:any|the|for))\b|\bgas (?:evolved|given)/i
const ADDS = /\b(?:add|test (?:it|each)? ?with)\s*:?$/i
const INSTRUCTS =
  /^(?:carry out (?!a flame)|complete the|do (?:these|the following)|use a (?:fresh|\d)|take (?:a (?:fresh|separate)|\d|about)|for (?:every|each) test|record|you are provided|test and identify|if\b|divide\b|observe\b|describe what|note (?:what|any|all)|write\b|repeat the tests|in each (?:case|test)|at each stage|no (?:additional|further) tests|all your observations)/i
const REPEATS =
  /\brepeat (?:test |step |part |experiment )?\(?([a-z]{1,4}|\d{1,2})\)? (?:but )?(?:with|using) (.+?)(?:,? (?:in place of|instead of)\b|\.|$)/i
const HEAD_CELL =
  /^(?:tests?|observations?|results?|inferences?|deductions?|reagents?|procedure|what (?:to do|you (?:do|see))|no\.?)\b/i

/** Samples of the tests: labels of the question that are no bottles to add from. */
function samplesOf(draft: Draft, reads: readonly Read[]): readonly SheetMaterial[] {
  const here = new Set(reads.flatMap(({ mentions }) => ofKind(mentions, 'label').map(({ label }) => label)))
  const text = reads.map(({ sentence }) => sentence.text).join('\n')
  const added = (label: string) =>
    new RegExp(
      `\\b(?:add(?:ing)?|add(?:ing)?\\b[^.;]{0,40}\\bof|followed by|then)\\s+(?:[\\w ]{0,24}\\s)?${label.replace(/ /g, ' ')}\\b`,
      'i',
    ).test(text)
  return [...draft.materials.values()].filter(
    ({ label, solute, product, indicator, strength }) =>
      here.has(label) &&
      !product &&
      !indicator &&
      !((solute !== undefined || strength !== undefined) && added(label) && solute !== undefined),
  )
}

const acidOf = (formula: string, form: SheetMaterial['form']) => `${formula}(${form === 'solid' ? 's' : 'aq'})`

/** Reads the tests of a question from top to bottom. */
class TestReader {
  readonly tests: Test[] = []
  private readonly draft: Draft
  private readonly samples: readonly string[]
  private readonly bottles: readonly { readonly label: string; readonly reagent: string }[]
  private readonly isNumbered: boolean
  /** What the sample was dissolved in, for the tests under a number of the sheet. */
  private prefix: readonly DraftAct[] = []
  private prefixUnder = ''
  /** Whether something was dissolved since the last test. */
  private isPrepared = false
  /** "To separate portions of each add" stands before a list of what is added. */
  private listed = ''
  private before = ''
  /** The sample that was put into a tube of its own, before anything was done with it. */
  private placed: readonly string[] | undefined
  /** Whether the tests stand in a table, a line each. */
  private isTabled = false

  constructor(draft: Draft, reads: readonly Read[], samples: readonly string[]) {
    this.draft = draft
    this.samples = samples
    this.isNumbered = reads.some(({ sentence }) => sentence.markers.length > 0)
    this.bottles = [...draft.materials.values()].flatMap(({ label, solute, form }) =>
      solute === undefined || samples.includes(label) ? [] : [{ label, reagent: acidOf(solute.split('.')[0] ?? solute, form) }],
    )
  }

  /** @param after - the sentence after it, which may say that portions are taken */
  take(read: Read, after: string): void {
    const { sentence } = read
    const lead = ADDS.test(this.before) ? 'add ' : this.listed
    this.before = sentence.text
    if (this.isPassedOver(read)) return
    const copy = repeated(sentence.text, this.tests, this.samples, this.bottles)
    if (copy) {
      this.begin(read, copy)
      return
    }
    const same = theSameWith(sentence.text, this.tests.at(-1), this.samples, this.bottles)
    if (same) {
      this.begin(read, same)
      return
    }
    if (INSTRUCTS.test(sentence.text) && !/\badd\b/i.test(sentence.text)) {
      this.draft.mark(sentence.n, 'instruction')
      for (const mention of read.mentions) this.draft.land(mention, 'how the tests are done')
      return
    }
    this.listed = sentence.markers.length > 0 ? lead : ''
    this.order(read, lead, after)
  }

  /** Headings of the table, questions, and what only tells of a material. */
  private isPassedOver({ sentence, mentions }: Read): boolean {
    const { cell, text } = sentence
    if (cell && (HEAD_CELL.test(text) || cell.column > 0 || this.samples.includes(text))) {
      this.draft.mark(sentence.n, 'heading')
      for (const mention of mentions) this.draft.land(mention, 'a heading of the table')
      if (cell.column === 0 && HEAD_CELL.test(text)) this.isTabled = true
      return true
    }
    return isAsked(text) || limitsReagents(text) || this.draft.kinds.get(sentence.n) === 'material'
  }

  /** Whether a sentence goes on in the tube of the test before it. */
  private goesOn({ sentence }: Read): boolean {
    if (this.tests.length === 0 || this.isPrepared || this.placed || ANOTHER.test(sentence.text)) return false
    if (GOES_ON.test(sentence.text)) return true
    if (this.isTabled && sentence.opens) return false
    return sentence.markers.length === 0 && ((this.isNumbered && !sentence.cell) || /^[a-z]/.test(sentence.text))
  }

  private order(read: Read, lead: string, after: string): void {
    const { sentence, mentions } = read
    const current = this.goesOn(read) ? this.tests.at(-1) : undefined
    const before = current?.acts ?? []
    const last = before.findLast((act) => act.do === 'add')?.reagent
    const context = { samples: this.samples, bottles: this.bottles, before, last }
    const ordered = ordersIn(`${lead}${sentence.text}`, context).acts
    // "Test C: calcium chloride solution." says what is added, and no more.
    const acts = ordered.length === 0 && namesReagent(read) ? ordersIn(`add ${sentence.text}`, context).acts : ordered
    // What is only brought into the tube is what the next sentence does something with.
    if (acts.length > 0 || mentions.some((one) => one.kind === 'vessel' && one.vessel === 'tube')) landTest(this.draft, read)
    if (acts.length === 0) {
      if (PUTS_IN.test(sentence.text) && !GOES_ON.test(sentence.text)) this.placed = this.namedIn(read)
      return
    }
    if (acts.length === 1 && acts[0]?.do === 'dissolve') {
      this.dissolve(read, acts, after)
      return
    }
    this.isPrepared = false
    if (current) {
      current.begins.push(current.acts.length)
      current.acts.push(...acts)
    } else this.begin(read, [...(this.isDissolved(sentence, acts) ? this.prefix : []), ...acts])
  }

  /** Whether a test is done on what was dissolved: not on the solid itself, nor in a flame. */
  private isDissolved({ number, text }: Read['sentence'], acts: readonly DraftAct[]): boolean {
    if (acts.every((act) => act.do === 'flame' || act.do === 'heat') || /\bsolids?\b/i.test(text)) return false
    return number.startsWith(this.prefixUnder)
  }

  private begin(read: Read, acts: readonly DraftAct[]): void {
    const { sentence } = read
    const named = this.namedIn(read)
    const only = named.length > 0 ? named : (this.placed ?? [])
    this.placed = undefined
    this.tests.push({ test: sentence.number, acts: [...acts], begins: [0], sentence: sentence.n, only, line: sentence.line })
    landTest(this.draft, read)
  }

  /** Samples that a sentence names. */
  private namedIn({ mentions }: Read): readonly string[] {
    return ofKind(mentions, 'label')
      .map(({ label }) => label)
      .filter((label) => this.samples.includes(label))
  }

  /** A solution that portions are taken of is tested in what follows; any other only under its own number. */
  private dissolve({ sentence }: Read, acts: readonly DraftAct[], after: string): void {
    const isShared = SHARED.test(`${sentence.text} ${after}`)
    this.prefix = acts
    this.isPrepared = true
    this.prefixUnder = isShared ? sentence.number.replace(/\([a-z]+\)$|\.?\w+$/, '') : sentence.number
  }
}

/** Whether a numbered test is nothing but the name of what is added. */
const namesReagent = ({ sentence, mentions }: Read): boolean =>
  sentence.markers.length > 0 &&
  mentions.some(({ kind, from }) => kind === 'substance' && from - sentence.from < 10) &&
  sentence.text.split(' ').length < 6

/** A sample is brought into a tube, and nothing else is done with it yet. */
const PUTS_IN = /^(?:then |now )?(?:place|put|take|pour|tip|transfer|measure)\b[^.;]*\b(?:tube|tile|well)/i

const SHARED = /\bportions?\b|\bdivide\b|\bshare\b|\bfor (?:the )?tests?\b|\bparts\b/i

/** Tests in tubes of a question, each planned in a tube of its own for every sample. */
export function readTubesOf(draft: Draft, reads: readonly Read[]): void {
  const samples = samplesOf(draft, reads).map(({ label }) => label)
  const reader = new TestReader(draft, reads, samples)
  reads.forEach((read, index) => {
    reader.take(read, reads[index + 1]?.sentence.text ?? '')
  })
  makeRack(draft, reads, samples, reader.tests)
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

const SAME_WITH = /\b(?:do|try) the same (?:with|using) (?!a (?:new|fresh|second)|\w+ (?:more|other))(.+?)\.?$/i

/** "With new drops do the same with ammonia": the acts of the test before with another bottle. */
function theSameWith(
  text: string,
  test: Test | undefined,
  samples: readonly string[],
  bottles: readonly { label: string; reagent: string }[],
): DraftAct[] | undefined {
  const instead = SAME_WITH.exec(text)?.[1]
  const [swap] = instead === undefined ? [] : ordersIn(`add ${instead}`, { samples, bottles }).acts
  const reagents = new Set(test?.acts.flatMap(({ reagent }) => reagent ?? []))
  if (!test || swap?.reagent === undefined || reagents.size !== 1) return undefined
  return test.acts.map((act) =>
    act.reagent === undefined || swap.reagent === undefined ? act : { ...act, reagent: swap.reagent },
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
        .map(({ test, acts, begins, sentence }) => ({ test, acts: [...acts], begins: [...begins], sentence })),
    })),
    allowed: allowedIn(draft, reads),
    listed: listedIn(draft, reads),
  })
  noteStated(draft, reads, samples)
  for (const { sentence } of tests) draft.touch(sentence, rack.id)
}
