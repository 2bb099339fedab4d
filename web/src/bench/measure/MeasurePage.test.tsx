import { type PartOf, path, readTask, entryText as textOf } from '@hop-lark/core/record'
import { cleanup, fireEvent, screen } from '@testing-library/react'
import { afterEach, beforeAll, describe, expect, it } from 'vitest'
import clock from '../../../../demo/clock-in-the-cold-store.hoplark.json'
import roof from '../../../../demo/copper-in-the-roof-water.hoplark.json'
import kiln from '../../../../demo/kiln-wash-alkali.hoplark.json'
import shell from '../../../../demo/shell-and-acid.hoplark.json'
import cider from '../../../../demo/sourness-of-the-cellar-cider.hoplark.json'
import { cellAt } from '../../app/cellAt.ts'
import { useTask } from '../../notebook/derived.ts'
import { changed, choose, nowOpen, openTask, textNow, typeInto, withoutLayout } from '../../testing/openTask.tsx'
import { MeasurePage } from './MeasurePage.tsx'
import { nextX } from './nextX.ts'

beforeAll(withoutLayout)
afterEach(cleanup)

const KILN = readTask(kiln)
const ROOF = readTask(roof)

function Measure({ id = 'm1' }: { readonly id?: string }) {
  const part = useTask().parts.find((one): one is PartOf<'series'> => one.kind === 'series' && one.id === id)
  return part ? <MeasurePage part={part} /> : null
}

const points = () => nowOpen().parts.flatMap((part) => (part.kind === 'series' ? part.points : []))

describe('the page of a series', () => {
  it('says where the lines cross, and that the highest point does not count', () => {
    openTask(KILN, <Measure />, 'm1')
    expect(screen.getByTestId('verdict').textContent).toMatch(/The lines cross at 22\.1.cm³ and 27\.3.°C.*not the highest point/)
    expect(screen.getByRole('figure', { name: /10 points, two lines crossing at 22.1/ })).toBeTruthy()
  })

  it('takes points one after another, offering the next x', () => {
    openTask(KILN, <Measure />, 'm1')
    expect(screen.getByLabelText('next volume of H').getAttribute('placeholder')).toBe('50.00')
    // Where a page puts the cursor when it opens.
    expect(cellAt(path('parts', 'm1', 'points'))?.getAttribute('aria-label')).toBe('next temperature')
    typeInto('next temperature', '23.5')
    expect(points()).toHaveLength(11)
    expect(textNow('parts.m1.points.p11.x')).toBe('50.00')
    expect(textNow('parts.m1.points.p11.y')).toBe('23.5')
  })

  it('does not take what is no number', () => {
    openTask(KILN, <Measure />, 'm1')
    typeInto('next temperature', 'warm')
    expect(points()).toHaveLength(10)
    expect(screen.getByRole('alert').textContent).toContain('“warm” is no number')
  })

  it('goes by Enter to what is missing: to x until it can be foreseen, then from reading to reading', () => {
    const empty = changed(KILN, (draft) => {
      for (const part of draft.parts) if (part.kind === 'series') part.points = []
    })
    openTask(empty, <Measure />, 'm1')
    const [x, y] = ['next volume of H', 'next temperature'].map((label) => screen.getByLabelText(label)) as [
      HTMLElement,
      HTMLElement,
    ]
    const enter = (text: string) => {
      fireEvent.change(document.activeElement as Element, { target: { value: text } })
      fireEvent.keyDown(document.activeElement as Element, { key: 'Enter' })
    }
    expect(cellAt(path('parts', 'm1', 'points'))).toBe(x)
    x.focus()
    enter('0.00')
    expect(document.activeElement).toBe(y)
    enter('19.6')
    expect(document.activeElement).toBe(x)
    enter('5.00')
    enter('21.3')
    expect(document.activeElement).toBe(y)
    expect(screen.getByLabelText('Now').textContent).toContain('At 10.00 cm³: what is the temperature?')
    // A hand that goes on typing x and y: the x is not taken for a reading without a yes.
    enter('10.00')
    expect(screen.getByRole('alert').textContent).toContain('10.00 is the volume of H of this row already')
    expect(points()).toHaveLength(2)
    enter('23.1')
    expect(points().map((point) => [textOf(point.x), textOf(point.y)])).toEqual([
      ['0.00', '19.6'],
      ['5.00', '21.3'],
      ['10.00', '23.1'],
    ])
    fireEvent.change(y, { target: { value: '24' } })
    fireEvent.keyDown(y, { key: 'Escape' })
    expect((y as HTMLInputElement).value).toBe('')
    fireEvent.keyDown(y, { key: 'Escape' })
    expect(document.activeElement?.tagName).toBe('MAIN')
  })

  it('does not ask about a reading that happens to be its x and goes on as those before it', () => {
    openTask(
      changed(KILN, (draft) => {
        for (const part of draft.parts)
          if (part.kind === 'series')
            part.points = [
              ['15', '22.0'],
              ['20', '24.5'],
            ].map(([x = '', y = ''], index) => ({ id: `p${index}`, x, y }))
      }),
      <Measure />,
      'm1',
    )
    typeInto('next temperature', '25')
    expect(
      points()
        .map((point) => [textOf(point.x), textOf(point.y)])
        .at(-1),
    ).toEqual(['25', '25.0'])
  })

  it('keeps what is half typed of a point over a change of page', () => {
    openTask(KILN, <Measure />, 'm1')
    fireEvent.change(screen.getByLabelText('next temperature'), { target: { value: '23' } })
    cleanup()
    openTask(KILN, <Measure />, 'm1')
    expect((screen.getByLabelText('next temperature') as HTMLInputElement).value).toBe('23')
    fireEvent.change(screen.getByLabelText('next temperature'), { target: { value: '' } })
  })

  it('asks about a reading between the marks under the row, holds nobody up, and takes the other by a yes', () => {
    openTask(KILN, <Measure />, 'm1')
    typeInto('next temperature', '23.8')
    expect(textNow('parts.m1.points.p11.y')).toBe('23.8')
    expect(screen.getByRole('status').textContent).toContain('Meant 24.0?')
    fireEvent.keyDown(screen.getByLabelText('next temperature'), { key: 'y' })
    expect(textNow('parts.m1.points.p11.y')).toBe('24.0')
    expect(screen.queryByRole('status')).toBeNull()
    typeInto('next temperature', '23')
    expect(screen.getByRole('status').textContent).toBe('23 is written 23.0')
    typeInto('next temperature', '22.5')
    expect(screen.queryByRole('status')).toBeNull()
  })

  it('queries a point that does not fit, and keeps it', () => {
    const odd = changed(KILN, (draft) => {
      for (const part of draft.parts)
        if (part.kind === 'series')
          Object.assign(part, {
            splitAt: '20',
            points: part.points.map((point, index) => (index === 2 ? { ...point, x: '10.00', y: '29.0' } : point)),
          })
    })
    openTask(odd, <Measure />, 'm1')
    expect(screen.getByLabelText('Now').textContent).toContain('Look at the ringed point again.29.0 at 10.00 does not fit')
    expect(points()).toHaveLength(10)
  })

  it('begins with an empty sheet of paper', () => {
    const empty = changed(KILN, (draft) => {
      for (const part of draft.parts) if (part.kind === 'series') part.points = []
    })
    openTask(empty, <Measure />, 'm1')
    expect(screen.getByText('The graph begins with the first point.')).toBeTruthy()
    expect(screen.getByLabelText('Now').textContent).toContain('Enter the first point.')
  })
})

describe('a calibration', () => {
  it('looks unknowns up on the line as their readings are typed', () => {
    openTask(ROOF, <Measure />, 'm1')
    const row = () => screen.getByRole('region', { name: 'Unknowns' }).textContent
    expect(row()).toContain('0.0238')
    fireEvent.click(screen.getByRole('button', { name: 'Add an unknown' }))
    typeInto('u2, next reading', '0.9')
    expect(textNow('parts.m1.unknowns.u2.readings.r1.y')).toBe('0.900')
    expect(row()).toContain('beyond the points')
    const names = screen.getAllByLabelText('name of the unknown')
    fireEvent.change(names[1] as HTMLElement, { target: { value: 'rain' } })
    fireEvent.keyDown(names[1] as HTMLElement, { key: 'Enter' })
    expect(textNow('parts.m1.unknowns.u2.label')).toBe('rain')
    fireEvent.click(screen.getByRole('button', { name: 'Take out rain' }))
    expect(row()).not.toContain('beyond')
  })

  it('does not take what is no number, and keeps what is half typed', () => {
    openTask(ROOF, <Measure />, 'm1')
    const next = screen.getByLabelText('tub water, five-fold, next reading') as HTMLInputElement
    fireEvent.change(next, { target: { value: '0.2x' } })
    fireEvent.keyDown(next, { key: 'Enter' })
    expect(next.getAttribute('aria-invalid')).toBe('true')
    expect(screen.getByRole('alert').textContent).toContain('write 0.2 alone')
    cleanup()
    openTask(ROOF, <Measure />, 'm1')
    expect((screen.getByLabelText('tub water, five-fold, next reading') as HTMLInputElement).value).toBe('0.2x')
    fireEvent.keyDown(screen.getByLabelText('tub water, five-fold, next reading'), { key: 'Escape' })
  })
})

describe('what is plotted', () => {
  it('stands in columns of its own, with the power of ten in the head', () => {
    openTask(readTask(clock), <Measure />, 'm1')
    expect(screen.getByRole('columnheader', { name: '1/temperature / 10⁻³ K⁻¹' })).toBeTruthy()
    expect(screen.getByText('3.595')).toBeTruthy()
    expect(screen.getByRole('figure', { name: /ln\(1\/time\) against 1\/temperature/ })).toBeTruthy()
    choose('time is plotted', 'as read')
    expect(screen.queryByRole('columnheader', { name: 'ln(1/time)' })).toBeNull()
    choose('time is plotted', 'logarithm, log')
    expect(screen.getByRole('columnheader', { name: 'log(time)' })).toBeTruthy()
  })

  it('can have no unit', () => {
    openTask(readTask(clock), <Measure />, 'm1')
    typeInto('Unit of time', '')
    expect(nowOpen().parts[0]).toMatchObject({ y: { unit: '' } })
  })
})

it('a curve through its points says where it is steepest', () => {
  openTask(readTask(cider), <Measure />, 'm1')
  expect(screen.getByTestId('verdict').textContent).toMatch(/steepest at 23\.51.cm³/)
  choose('Lines', 'one straight line from the origin')
  expect(screen.getByTestId('verdict').textContent).toMatch(/through 25 points and the origin/)
})

it('offers the next x as far on as the last was', () => {
  expect(nextX(['0.00', '5.00'])).toBe('10.00')
  expect(nextX(['20', '40', '60'])).toBe('80')
  expect(nextX(['5.00'])).toBeUndefined()
  expect(nextX(['5.00', '5.00'])).toBeUndefined()
})

describe('other ways to read a series', () => {
  it('draws both lines on to the moment of mixing', () => {
    openTask(KILN, <Measure />, 'm1')
    typeInto('Mixed at', '22')
    expect(textNow('parts.m1.mixedAt')).toBe('22')
    expect(screen.getByTestId('verdict').textContent).toMatch(/Drawn on to 22\.0.cm³, the lines stand at/)
    typeInto('Mixed at', '')
    expect(screen.getByTestId('verdict').textContent).toContain('The lines cross at')
  })

  it('reads off the lines by the slider, square by square', () => {
    openTask(KILN, <Measure />, 'm1')
    const slider = screen.getByLabelText('Read off at volume of H')
    fireEvent.change(slider, { target: { value: '10' } })
    // First line 19.6 + 0.35 × 10, second 30.65 − 0.15 × 10.
    expect(screen.getByText(/^at/).textContent).toMatch(
      /at 10\.0.cm³: first line 23\.1.°C, second line 29\.2.°C|at 10\.0.cm³: first line 23\.1.°C, second line 29\.1.°C/,
    )
  })

  it('finds the initial rate of a curve, beside another run', () => {
    openTask(readTask(shell), <Measure id="m2" />, 'm2')
    const verdict = screen.getByTestId('verdict').textContent
    expect(verdict).toMatch(/The curve begins with a gradient of 3\.\d+.cm³\/s: the initial rate/)
    expect(verdict).toMatch(/Gas at 20 °C: 1\.\d+.cm³\/s\. This run is 2\.\d times as steep/)
    expect(screen.getByRole('figure', { name: /9 points, a smooth curve/ })).toBeTruthy()
  })
})
