import { readTask, type Task } from '@hop-lark/core/record'
import { cleanup, screen } from '@testing-library/react'
import { afterEach, beforeAll, expect, it } from 'vitest'
import jars from '../../../demo/four-jars.hoplark.json'
import { changed, openTask, withoutLayout } from '../testing/openTask.tsx'
import { CheckCard } from './CheckCard.tsx'

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
