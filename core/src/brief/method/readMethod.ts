import type { Draft } from '../draft/Draft.ts'
import type { Read, Said } from '../label/said.ts'
import { ofKind } from '../mention/mention.ts'
import { Bench } from './Bench.ts'
import { clausesOf } from './clause.ts'
import { makeUp, nameProduct, transfer } from './makingUp.ts'
import { portion, putIn } from './portions.ts'
import { fillBurette, indicate, titrate } from './titrating.ts'
import { weigh } from './weighing.ts'

/** Carries out in mind the sentences of a question in which something is weighed, made up and titrated. */
export function readMethod(draft: Draft, reads: readonly Read[], said: readonly Said[]): void {
  const bench = new Bench(draft, reads[0]?.sentence.block ?? 0)
  for (const read of reads) {
    if (draft.kinds.get(read.sentence.n) === 'material') {
      remember(bench, read)
      continue
    }
    const named = said.filter(({ how, from }) => how === 'named' && from >= read.sentence.from && from < read.sentence.to)
    for (const clause of clausesOf(read)) {
      weigh(bench, clause)
      fillBurette(bench, clause)
      portion(bench, clause)
      putIn(bench, clause)
      transfer(bench, clause)
      makeUp(bench, clause)
      for (const { label, from } of named)
        if (from >= clause.from && from < clause.from + clause.text.length) {
          nameProduct(bench, label, clause)
          const named = clause.mentions.find((one) => one.from === from)
          draft.land(named, 'what has just been made')
        }
      indicate(bench, clause)
      titrate(bench, clause)
    }
    remember(bench, read)
  }
  finish(bench, reads)
}

/** Keeps in mind which bottle a sentence spoke of last: "it" in the next means that one. */
function remember(bench: Bench, { mentions }: Read): void {
  const last = ofKind(mentions, 'label').findLast(({ label }) => bench.draft.materials.get(label)?.indicator === undefined)
  if (last) bench.spoken = last.label
}

/** A flask that was filled and a burette that was filled are a titration, even if no sentence says so. */
function finish(bench: Bench, reads: readonly Read[]): void {
  const last = reads.at(-1)
  if (
    bench.draft.of('titration', bench.block).length > 0 ||
    !last ||
    bench.burette === undefined ||
    bench.holds.flask.length === 0
  )
    return
  bench.titration = bench.draft.begin('titration', last, {
    burette: bench.burette,
    flask: bench.holds.flask,
    weighings: bench.perRun ? bench.weighed.map(({ id }) => id) : [],
    ...(bench.indicator === undefined ? {} : { indicator: bench.indicator }),
    equations: [],
  })
}
