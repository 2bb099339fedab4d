import { cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ReferenceDrawer } from './ReferenceDrawer.tsx'
import { type Shelf, useReference } from './useReference.ts'

// There is no worker here: the same work is done on the page.
vi.mock('../bench/tubes/chemistry.ts', async () => {
  const { chemistryWork } = await import('../bench/tubes/chemistryWork.ts')
  return { chemistry: () => chemistryWork }
})

beforeEach(() => useReference.setState({ open: false, shelf: 'reagents', sought: '' }))
afterEach(cleanup)

function open(shelf: Shelf, sought = '') {
  useReference.getState().show(shelf, sought)
  render(<ReferenceDrawer />)
  return screen.getByRole('tabpanel')
}

describe('the reference', () => {
  it('finds a bottle by name or formula, with what it is for and its caution', () => {
    const panel = open('reagents')
    fireEvent.change(screen.getByLabelText('Look for'), { target: { value: 'silver' } })
    expect(
      within(panel)
        .getAllByRole('term')
        .map((term) => term.textContent),
    ).toContain('AgNO3(aq)')
    expect(panel.textContent).toMatch(/stain/)
    fireEvent.change(screen.getByLabelText('Look for'), { target: { value: 'BaCl2' } })
    expect(panel.textContent).toMatch(/toxic/)
    fireEvent.change(screen.getByLabelText('Look for'), { target: { value: 'moonshine' } })
    expect(panel.textContent).toBe('Nothing here by the name of “moonshine”.')
  })

  it('shows how an ion behaves, worked out', async () => {
    const panel = open('ions', 'zinc')
    await waitFor(() => expect(within(panel).getAllByRole('row').length).toBeGreaterThan(5))
    // Common practice: a white hydroxide that dissolves in excess of either.
    expect(within(panel).getByRole('row', { name: /NaOH.*excess/ }).textContent).toMatch(/dissolved giving a colourless/)
    expect(within(panel).getByRole('row', { name: /NH\s*3.*excess/ }).textContent).toMatch(/dissolved giving a colourless/)
  })

  it('says how each gas is known and made, and what to mind', () => {
    const panel = open('gases', 'chlorine')
    expect(panel.textContent).toMatch(/damp blue litmus paper turned red, then was bleached/)
    expect(panel.textContent).toMatch(/fume cupboard/i)
  })

  it.each<[Shelf, string, RegExp]>([
    ['flames', 'potassium', /lilac/],
    ['colours', 'brick', /brick-red/],
    ['indicators', 'phenolphthalein', /colourless.*pink.*pH/],
    ['glassware', 'pipettes', /ISO 648.*25.*0\.030.*0\.060/],
  ])('%s: %s', (shelf, sought, says) => {
    expect(open(shelf, sought).textContent).toMatch(says)
  })

  it('goes from shelf to shelf and keeps what is looked for', () => {
    open('flames', 'copper')
    fireEvent.mouseDown(screen.getByRole('tab', { name: 'Ions' }))
    expect(useReference.getState()).toMatchObject({ shelf: 'ions', sought: 'copper' })
    fireEvent.click(screen.getByRole('button', { name: 'Close' }))
    expect(useReference.getState().open).toBe(false)
  })
})
