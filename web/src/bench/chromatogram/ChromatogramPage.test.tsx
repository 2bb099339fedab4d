import { type PartOf, readTask } from '@hop-lark/core/record'
import { cleanup, fireEvent, screen } from '@testing-library/react'
import { afterEach, beforeAll, describe, expect, it } from 'vitest'
import inks from '../../../../demo/dyes-of-lichen-inks.hoplark.json'
import { useTask } from '../../notebook/derived.ts'
import { changed, nowOpen, openTask, typeInto, withoutLayout } from '../../testing/openTask.tsx'
import { ChromatogramPage } from './ChromatogramPage.tsx'

beforeAll(withoutLayout)
afterEach(cleanup)

const INKS = readTask(inks)

function Chromatogram() {
  const part = useTask().parts.find((one): one is PartOf<'chromatogram'> => one.kind === 'chromatogram')
  return part ? <ChromatogramPage part={part} /> : null
}

const spots = () => nowOpen().parts.flatMap((part) => (part.kind === 'chromatogram' ? part.spots : []))

describe('the page of a chromatogram', () => {
  it('draws the paper and says which dyes are in each ink', () => {
    openTask(INKS, <Chromatogram />, 'c1')
    expect(screen.getByTestId('lanes').textContent).toBe(
      'ink A contains orchil (Rf 0.41) and crottle (Rf 0.67).ink B contains wolf lichen (Rf 0.86); its spot at Rf 0.17 matches no reference.',
    )
    expect(screen.getByRole('img', { name: /5 lanes: orchil at Rf 0.42/ })).toBeTruthy()
  })

  it('takes spots one after another; a second spot of a sample needs no name', () => {
    openTask(INKS, <Chromatogram />, 'c1')
    typeInto('next distance', '4,0')
    expect(spots()).toHaveLength(8)
    expect(spots().at(-1)).toMatchObject({ label: 'ink B', distance: { value: '4.0' } })
    expect(screen.getByTestId('lanes').textContent).toContain('ink B contains wolf lichen (Rf 0.86) and orchil (Rf 0.43)')
    typeInto('next distance', 'far')
    expect(screen.getByRole('alert').textContent).toContain('“far” is no number')
    expect(spots()).toHaveLength(8)
  })

  it('tells nothing from a spot beyond the front, and leads back to it', () => {
    openTask(INKS, <Chromatogram />, 'c1')
    typeInto('spot 6, distance', '9.9')
    expect(screen.getByLabelText('spot 6, distance').getAttribute('aria-invalid')).toBe('true')
    expect(screen.getByLabelText('Now').textContent).toContain('Measure the marked spot again.')
    expect(screen.getByTestId('lanes').textContent).toContain('ink B contains wolf lichen (Rf 0.86).')
  })

  it('strikes a corrected distance through', () => {
    openTask(INKS, <Chromatogram />, 'c1')
    typeInto('spot 1, distance', '4.1')
    expect(spots()[0]?.distance).toMatchObject({ value: '4.1', was: [{ value: '3.9' }] })
  })

  it('says what to do first on an empty sheet, and asks for references', () => {
    openTask(
      changed(INKS, (draft) => {
        draft.parts = [{ id: 'c1', kind: 'chromatogram', spots: [] }]
      }),
      <Chromatogram />,
      'c1',
    )
    expect(screen.getByLabelText('Now').textContent).toContain('Mark the front, then measure it.')
    typeInto('solvent front', '8.0')
    typeInto('next sample; a star after its name makes it a reference', 'X')
    typeInto('next distance', '2.0')
    expect(screen.getByLabelText('Now').textContent).toContain('Tick the references.')
    fireEvent.click(screen.getByLabelText('Spot 1 is a reference'))
    expect(spots()[0]?.known).toBe(true)
  })
})
