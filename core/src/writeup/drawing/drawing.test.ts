import { describe, expect, it } from 'vitest'
import { readSeries } from '../../curve/index.ts'
import type { Task } from '../../record/index.ts'
import { demo } from '../testing/demo.ts'
import { first, partsOf } from '../testing/records.ts'
import { drawGraph } from './graph.ts'
import { drawPaper } from './paper.ts'
import type { Drawing, Shape, Stroke } from './shapes.ts'

const graphOf = (task: Task): Drawing => {
  const drawing = drawGraph(task, first(partsOf(task, 'series')))
  if (!drawing) throw new Error('Nothing is drawn.')
  return drawing
}
const drawnIn = ({ shapes }: Drawing, stroke: Stroke) => shapes.filter((shape) => 'stroke' in shape && shape.stroke === stroke)
const texts = ({ shapes }: Drawing) => shapes.flatMap((shape) => (shape.kind === 'text' ? [shape.text] : []))
const numbersIn = (shape: Shape | undefined) =>
  shape?.kind === 'path' ? (shape.d.match(/-?\d+(?:\.\d+)?/g) ?? []).map(Number) : []

describe('a graph on paper', () => {
  const task = demo('kiln-wash-alkali')
  const drawing = graphOf(task)

  it('has a mark for every point, two best lines, and what leads from their crossing to both axes', () => {
    expect(drawnIn(drawing, 'mark')).toHaveLength(10)
    expect(drawnIn(drawing, 'line')).toHaveLength(2)
    expect(drawnIn(drawing, 'construction')).toHaveLength(2)
  })

  it('puts things where they are: scale read off the labels of the axis', () => {
    const label = (text: string) =>
      drawing.shapes.find(
        (shape) => shape.kind === 'text' && shape.text === text && shape.anchor === 'middle' && shape.turned === undefined,
      )
    const [nought, forty] = [label('0'), label('40')]
    if (nought?.kind !== 'text' || forty?.kind !== 'text') throw new Error('The axis has labels.')
    const perUnit = (forty.x - nought.x) / 40
    const crossing = readSeries(first(partsOf(task, 'series'))).twoLines?.crossing
    const [x = 0] = numbersIn(drawnIn(drawing, 'construction')[0])
    expect((x - nought.x) / perUnit).toBeCloseTo(crossing?.x ?? 0, 1)
  })

  it('keeps everything on its sheet', () => {
    for (const shape of drawing.shapes) {
      if (shape.kind === 'path' && !/l/.test(shape.d)) continue
      if (shape.kind === 'text') {
        expect(shape.x).toBeGreaterThanOrEqual(0)
        expect(shape.x).toBeLessThanOrEqual(drawing.width)
        expect(shape.y).toBeLessThanOrEqual(drawing.height)
      }
    }
  })

  it('names both axes with their units', () => {
    expect(texts(drawing)).toEqual(expect.arrayContaining(['volume of H / cm³', 'temperature / °C']))
  })

  it('rings a point that does not fit', () => {
    const odd = demo('copper-in-the-roof-water', (draft) => {
      const point = first(partsOf(draft, 'series')).points[2]
      if (point) point.y = '0.350'
    })
    expect(drawnIn(graphOf(odd), 'doubt')).toHaveLength(1)
  })

  it('draws another run on the same paper in a stroke and marks of its own, and tangents where they are asked for', () => {
    const gas = demo('shell-and-acid')
    const second = partsOf(gas, 'series')[1]
    const both = second && drawGraph(gas, second)
    expect(both && drawnIn(both, 'other line').length).toBeGreaterThan(1)
    expect(both && drawnIn(both, 'tangent')).toHaveLength(2)
  })

  it('is not there before the first point', () => {
    expect(drawGraph(demo('plan-of-a-rate'), first(partsOf(demo('plan-of-a-rate'), 'series')))).toBeUndefined()
  })
})

describe('a chromatogram on paper', () => {
  const part = first(partsOf(demo('dyes-of-lichen-inks'), 'chromatogram'))
  const drawing = drawPaper(part)

  it('has a spot where each was measured, with its Rf, and the front', () => {
    expect(drawing?.shapes.filter(({ kind }) => kind === 'spot')).toHaveLength(part.spots.length)
    expect(drawing && texts(drawing)).toEqual(expect.arrayContaining(['0.42', '0.67', 'front', 'orchil', 'ink B']))
    expect(drawing && drawnIn(drawing, 'front')).toHaveLength(1)
  })

  it('says in words what it shows', () => {
    expect(drawing?.says).toMatch(/^Chromatogram with 5 lanes: orchil at Rf 0\.42; .*ink B at Rf 0\.17, 0\.86$/)
  })

  it('is not there before the first spot', () => {
    expect(drawPaper({ ...part, spots: [] })).toBeUndefined()
  })
})
