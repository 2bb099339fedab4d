import { readTask, type Task } from '@hop-lark/core/record'
import { act, cleanup, screen } from '@testing-library/react'
import { afterEach, beforeAll, expect, it } from 'vitest'
import jars from '../../../demo/four-jars.hoplark.json'
import { useDrafts } from '../notebook/drafts.ts'
import { changed, LAWN_SAND, openTask, withoutLayout } from '../testing/openTask.tsx'
import { CheckCard } from './CheckCard.tsx'
import { ProblemCount } from './ProblemCount.tsx'

beforeAll(withoutLayout)
afterEach(cleanup)

/** The four jars with a word in the first step of so many tubes. */
const saying = (saw: string, tubes: number): Task =>
  changed(readTask(jars), ({ parts }) => {
    const rack = parts.find((part) => part.kind === 'rack')
    if (rack?.kind !== 'rack') throw new Error('no rack')
    for (const tube of rack.samples.flatMap((sample) => sample.tubes).slice(0, tubes)) if (tube.steps[0]) tube.steps[0].saw = saw
  })

it.each([
  [1, undefined],
  [2, 'Here and in one other place.'],
  [4, 'Here and in 3 other places.'],
])('says the same advice for %i tubes once', (tubes, others) => {
  openTask(saying('went clear', tubes), <CheckCard about={['r1']} />, 'r1')
  expect(screen.getAllByText('Note')).toHaveLength(1)
  expect(screen.queryByText(/^Here and in/)?.textContent).toBe(others)
})

/** A final reading above its initial one. */
const UPSIDE_DOWN = changed(LAWN_SAND, ({ parts }) => {
  for (const part of parts) if (part.kind === 'titration') for (const run of part.runs) if (run.id === 'run4') run.final = '2.10'
})

it('says nothing of a value that is being typed over', () => {
  openTask(UPSIDE_DOWN, <CheckCard about={['t1']} />, 't1')
  expect(screen.getByText(/burettes count downwards/)).toBeTruthy()
  act(() => useDrafts.getState().type(`${UPSIDE_DOWN.id}/parts.t1.runs.run4.final`, '4'))
  expect(screen.queryByText(/burettes count downwards/)).toBeNull()
  act(() => useDrafts.getState().type(`${UPSIDE_DOWN.id}/parts.t1.runs.run4.final`, undefined))
  expect(screen.getByText(/burettes count downwards/)).toBeTruthy()
})

it('counts what is wrong and what is to be checked, where there is no room for more', () => {
  openTask(UPSIDE_DOWN, <ProblemCount />, 't1')
  expect(screen.getByText('1 wrong')).toBeTruthy()
  cleanup()
  openTask(LAWN_SAND, <ProblemCount />, 't1')
  expect(screen.queryByText(/wrong/)).toBeNull()
})
