import { cleanup, configure, fireEvent, screen, waitFor, within } from '@testing-library/react'
import { afterEach, describe, expect, it } from 'vitest'
import { useNotebook } from '../notebook/store.ts'
import { LAWN_SAND, nowOpen, openTask } from '../testing/openTask.tsx'
import { BringInButton } from './BringInButton.tsx'

// Parts of the page are fetched when they are needed, which takes its time on a busy machine.
configure({ asyncUtilTimeout: 20_000 })

afterEach(cleanup)

const runs = () => nowOpen().parts.flatMap((part) => (part.kind === 'titration' ? part.runs : []))

async function paste(text: string) {
  openTask(LAWN_SAND, <BringInButton parts={['t1']} />)
  fireEvent.click(screen.getByRole('button', { name: 'Bring in a table' }))
  fireEvent.change(await screen.findByLabelText('Cells'), { target: { value: text } })
}

describe('a table that is brought in', () => {
  it('is looked at first, put in, and taken back by undo', async () => {
    await paste('Run\tInitial (mL)\tFinal (mL)\nrough\t0,00\t21,40\n1\t0,10\t20,75')
    const preview = await screen.findByRole('region', { name: 'What will be put in' })
    expect(within(preview).getByText('21.40')).toBeTruthy()
    expect(screen.getAllByText('from mL to cm³')).toHaveLength(2)
    expect(runs()).toHaveLength(5)
    fireEvent.click(screen.getByRole('button', { name: 'Put in 2 rows' }))
    await waitFor(() => expect(runs().map(({ id }) => id)).toEqual(['rough1', 'run1', 'run2', 'run3', 'run4', 'rough2', 'run5']))
    useNotebook.getState().undo()
    expect(runs()).toHaveLength(5)
  })

  it('is not put in by half: rows that cannot be read are left out only when that is said', async () => {
    await paste('Initial\tFinal\n0.00\tabout 21\n0.10\t20.75')
    expect(await screen.findByText('Row 2, column 2: “about 21” is no number.')).toBeTruthy()
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Put in 1 row' }).disabled).toBe(true)
    fireEvent.click(screen.getByLabelText('Leave out the rows that cannot be read'))
    fireEvent.click(screen.getByRole('button', { name: 'Put in 1 row' }))
    await waitFor(() => expect(runs()).toHaveLength(6))
  })

  it('that is none is refused with the reason', async () => {
    await paste('Initial\t"Final\n0.00\t21.40')
    expect(await screen.findByText(/quotation mark that is not closed/)).toBeTruthy()
  })

  it('has its columns changed by hand', async () => {
    await paste('start\tfinish\n0.10\t20.75')
    const columns = await screen.findByRole('region', { name: 'Columns' })
    expect(within(columns).getByRole('combobox', { name: 'final reading' }).textContent).toContain('no column')
    fireEvent.keyDown(within(columns).getByRole('combobox', { name: 'final reading' }), { key: 'Enter' })
    fireEvent.keyDown(await screen.findByRole('option', { name: 'finish' }), { key: 'Enter' })
    await waitFor(() =>
      expect(
        within(screen.getByRole('region', { name: 'Columns' })).getByRole('combobox', { name: 'final reading' }).textContent,
      ).toContain('finish'),
    )
  })

  it('is not offered where no table fits', () => {
    openTask(LAWN_SAND, <BringInButton parts={['s1']} />)
    expect(screen.queryByRole('button', { name: 'Bring in a table' })).toBeNull()
  })
})
