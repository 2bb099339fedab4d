import { describe, expect, it } from 'vitest'
import { type Action, readActs, type Stop, stopsFor } from './index.ts'
import { DANGEROUS, DANGEROUS_LATER, HARMLESS } from './testing/dangers.ts'

function actsOf(line: string): readonly { readonly action: Action; readonly text: string }[] {
  const read = readActs(line)
  return read.kind === 'acts' ? read.acts : []
}

/** The stops of a line, act by act, in a tube in which other lines were done. */
function stopsOf(before: readonly string[], line: string, sample = ''): readonly Stop[] {
  const done = before.flatMap((one) => actsOf(one).map(({ action }) => action))
  const acts = actsOf(line)
  // What was not understood as an act is judged by its words.
  if (acts.length === 0) return stopsFor({ do: 'look' }, done, line, sample)
  return acts.flatMap(({ action }, index) =>
    stopsFor(action, [...done, ...acts.slice(0, index).map((one) => one.action)], line, sample),
  )
}

describe('what can hurt is stopped before it is kept', () => {
  it('there are enough of both', () => {
    expect(DANGEROUS.length).toBeGreaterThanOrEqual(60)
    expect(HARMLESS.length).toBeGreaterThanOrEqual(60)
  })

  it.each(
    [...DANGEROUS, ...DANGEROUS_LATER].map(
      ([before, act, code, sample]) => [[...before, act].join(' | '), before, act, code, sample] as const,
    ),
  )('%s', (_, before, act, code, sample) => {
    const stops = stopsOf(before, act, sample)
    expect(stops.map((one) => one.code.replace('stop.', ''))).toContain(code)
    for (const { says, instead } of stops) expect(says.length > 20 && instead.length > 5).toBe(true)
  })
})

describe('what is routine is not stopped', () => {
  it.each(HARMLESS.map(([before, act, sample]) => [[...before, act].join(' | '), before, act, sample] as const))(
    '%s',
    (_, before, act, sample) => {
      expect(stopsOf(before, act, sample)).toEqual([])
    },
  )
})
