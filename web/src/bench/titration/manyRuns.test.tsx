import { type PartOf, readTask, type Task } from '@hop-lark/core/record'
import { cleanup, screen, within } from '@testing-library/react'
import { afterEach, describe, expect, it } from 'vitest'
import { useTask } from '../../notebook/derived.ts'
import { openTask } from '../../testing/openTask.tsx'
import { TitratePage } from './TitratePage.tsx'

afterEach(cleanup)

const record = (runs: number): Task =>
  readTask({
    format: 'hop-lark/task',
    version: 1,
    id: 'many',
    title: 'Many runs',
    materials: [
      { id: 'M', label: 'M', form: 'solution', solute: 'NaOH' },
      { id: 'F', label: 'F', form: 'solution', solute: 'HCl' },
    ],
    parts: [
      {
        id: 't1',
        kind: 'titration',
        burette: 'M',
        flask: [{ material: 'F', volume: '25.0', by: 'pipette' }],
        reactions: [{ equation: 'H+ + OH- -> H2O', role: 'titration' }],
        runs: Array.from({ length: runs }, (_, index) => ({
          kind: index === 0 ? 'rough' : 'accurate',
          initial: '0.00',
          final: (22.8 + (index % 9) / 20).toFixed(2),
        })),
      },
    ],
  })

function Titration() {
  const [part] = useTask().parts
  return <TitratePage part={part as PartOf<'titration'>} />
}

const readings = () => within(screen.getByRole('table')).getAllByRole('textbox')

// What is drawn of the table is for Chromium to say (e2e/tests/long-record.spec.ts): nothing is laid out here.
describe('a titration of very many runs', () => {
  it('draws all of as many as fit a lesson', () => {
    openTask(record(12), <Titration />, 't1')
    expect(readings()).toHaveLength(24)
    expect(screen.getByRole('table').getAttribute('aria-colcount')).toBeNull()
  })

  it('counts runs that agree, and dots that fall on one spot once', () => {
    openTask(record(1000), <Titration />, 't1')
    const says = screen.getByTestId('mean').textContent ?? ''
    expect(says).toMatch(/^\d+ of 1000 runs agree within 0\.10/)
    expect(says).toContain(' + … + ')
    expect(says.length).toBeLessThan(150)
    const line = screen.getByRole('img', { name: /Titres on a line: 999 of them, from 22\.80 to 23\.20; \d+ in the mean/ })
    expect(line.querySelectorAll('circle').length).toBeLessThan(20)
  })
})
