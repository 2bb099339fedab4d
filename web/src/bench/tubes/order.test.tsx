import { type PartOf, readTask } from '@hop-lark/core/record'
import { cleanup, fireEvent, screen } from '@testing-library/react'
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest'
import jars from '../../../../demo/four-jars.hoplark.json'
import { useTask } from '../../notebook/derived.ts'
import { useDrafts } from '../../notebook/drafts.ts'
import { useNotebook } from '../../notebook/store.ts'
import { nowOpen, openTask, withoutLayout } from '../../testing/openTask.tsx'
import { usePlace } from './place.ts'
import { TubesPage } from './TubesPage.tsx'

// There is no worker here: the same work is done on the page.
vi.mock('./chemistry.ts', async () => {
  const { chemistryWork } = await import('./chemistryWork.ts')
  return { chemistry: () => chemistryWork }
})

beforeAll(withoutLayout)
beforeEach(() => {
  usePlace.setState({ shown: {} })
  useDrafts.setState({ texts: {} })
})
afterEach(cleanup)

const JARS = readTask(jars)

function Tubes() {
  const part = useTask().parts.find((one): one is PartOf<'rack'> => one.kind === 'rack')
  return part ? <TubesPage part={part} /> : null
}

const samples = () => (nowOpen().parts[0] as PartOf<'rack'>).samples
const altArrow = (what: HTMLElement, key: 'ArrowUp' | 'ArrowDown' | 'ArrowLeft' | 'ArrowRight') =>
  fireEvent.keyDown(what, { key, altKey: true })
const undo = () => useNotebook.getState().undo()

describe('the order of the rack, by the keys of what is moved', () => {
  it('of tubes', () => {
    openTask(JARS, <Tubes />, 'r1')
    const ids = () => samples()[0]?.tubes.map(({ id }) => id)
    const before = ids()
    altArrow(screen.getByRole('button', { name: /^Tube G1:/ }), 'ArrowRight')
    expect(ids()).toEqual(['G2', 'G1', ...(before ?? []).slice(2)])
    // At the end of the rack there is no place further on.
    altArrow(screen.getByRole('button', { name: /^Tube G2:/ }), 'ArrowLeft')
    expect(ids()?.[0]).toBe('G2')
    undo()
    expect(ids()).toEqual(before)
  })

  it('of samples', () => {
    openTask(JARS, <Tubes />, 'r1')
    const before = samples().map(({ material }) => material)
    const [first, second, ...rest] = before
    altArrow(screen.getByRole('button', { name: /Jar G|^G$/ }), 'ArrowRight')
    expect(samples().map(({ material }) => material)).toEqual([second, first, ...rest])
  })

  it('of steps; each keeps what was seen at it', () => {
    openTask(JARS, <Tubes />, 'r1')
    fireEvent.click(screen.getByRole('button', { name: /^Tube G1:/ }))
    const steps = () => samples()[0]?.tubes.find(({ id }) => id === 'G1')?.steps ?? []
    const before = steps()
    altArrow(screen.getByRole('button', { name: 'Move step 1' }), 'ArrowDown')
    expect(steps()).toEqual([before[1], before[0], ...before.slice(2)])
    undo()
    expect(steps()).toEqual(before)
  })
})
