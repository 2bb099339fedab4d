import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it, vi } from 'vitest'
import { Exact } from '../number/index.ts'
import { type Path, readTask, slotAt, type Task, writePath } from '../record/index.ts'
import { weighedRuns } from '../record/testing/longRecords.ts'
import { keyOf, openNetwork, reckonTask, weighed } from './index.ts'

const FOLDER = new URL('../../../demo/', import.meta.url)
const DEMOS = readdirSync(FOLDER).map((file): [string, Task] => [
  file,
  readTask(JSON.parse(readFileSync(new URL(file, FOLDER), 'utf8'))),
])

/** The task with the reading at a path changed. */
function withReading(task: Task, at: Path, value: string): Task {
  const changed = structuredClone(task)
  const { holder, key } = slotAt(changed, at)
  holder[key] = value
  return changed
}

describe('a reading pushed through the chain of an answer', () => {
  it.each(DEMOS)('gives what the task gives with that reading written in it: %s', (_, task) => {
    const network = openNetwork(task)
    for (const question of network.answered) {
      const rests = network.restsOf(question)
      for (const { at, value, reading } of rests) {
        if (!reading || at === undefined || at.length < 3 || ['runs', 'points', 'spots'].includes(at[2] ?? '')) continue
        const moved = value.add('0.25')
        const [was, is] = [reckonTask(task), reckonTask(withReading(task, at, moved.toFixed()))]
        const unrounded = ({ answers }: typeof was) => answers.find((one) => one.question === question)?.unrounded
        const used = ({ titrations }: typeof was) => titrations.map((titration) => titration.used)
        const [before, after] = [unrounded(was), unrounded(is)]
        // A slip leaves the runs that agree as they are; with another mass others may.
        if (before === undefined || after === undefined || JSON.stringify(used(was)) !== JSON.stringify(used(is))) continue
        const answer = network
          .shift(
            question,
            new Map(rests.filter((rest) => rest.at && writePath(rest.at) === writePath(at)).map(({ key }) => [key, moved])),
          )
          .at(-1)
        // One reading may stand in several places of the network. Of what does not change nothing is said; the answer may be asked for in another unit than its own.
        if (!answer) expect(after / before).toBeCloseTo(1, 12)
        else expect(answer.after.div(answer.before).toNumber()).toBeCloseTo(after / before, 10)
      }
    }
  })

  it('works out again only what rests on it: a mean of a thousand titres is not added up anew', () => {
    const additionsIn = (runs: number) => {
      const network = openNetwork(weighedRuns(runs))
      const overrides = new Map([[keyOf({ what: 'with sample', place: weighed('w3') }), new Exact('20.10')]])
      network.shift('q1', overrides)
      const add = vi.spyOn(Exact.prototype, 'add')
      expect(network.shift('q1', overrides)).not.toEqual([])
      const { length } = add.mock.calls
      add.mockRestore()
      return length
    }
    expect(additionsIn(300)).toBe(additionsIn(30))
  })

  it('says nothing where nothing can be divided by what is left', () => {
    const [, task] = DEMOS.find(([file]) => file.startsWith('iron-in-lawn-sand')) as [string, Task]
    const network = openNetwork(task)
    const mass = network.restsOf('q2').find(({ of }) => of.what === 'with sample')
    const rest = network.restsOf('q2').find(({ of }) => of.what === 'with residue')
    expect(mass && rest && network.shift('q2', new Map([[mass.key, rest.value]]))).toEqual([])
  })
})
