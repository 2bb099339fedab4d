import { readChromatogram } from '../../chromatogram/index.ts'
import { CHEMICAL_COLOURS, type ChemicalColour } from '../../palette/index.ts'
import type { PartOf } from '../../record/index.ts'
import type { Drawing, Shape } from './shapes.ts'

const LANE = 80
const EDGE = { left: 64, right: 24, top: 30, bottom: 54 }
const HEIGHT = 420
const DRAWN = HEIGHT - EDGE.top - EDGE.bottom
const LABEL = 13
const LONGEST_LABEL = 11
const UNKNOWN_COLOUR = '#8a8f94'

const tidy = (value: number) => Number(value.toFixed(1))
const fillOf = (colour: string | undefined) =>
  colour !== undefined && Object.hasOwn(CHEMICAL_COLOURS, colour) ? CHEMICAL_COLOURS[colour as ChemicalColour] : UNKNOWN_COLOUR

/** The paper as it was run: pencil line, front, a lane a sample, spots with their Rf; undefined while nothing is measured. */
export function drawPaper(part: PartOf<'chromatogram'>): Drawing | undefined {
  const { front, spots, lanes } = readChromatogram(part)
  if (spots.length === 0) return undefined
  const farthest = Math.max(0, ...spots.map(({ distance }) => distance.toNumber()))
  const reach = front?.gt(0) ? front.toNumber() : Math.max(1, farthest * 1.15)
  const width = EDGE.left + EDGE.right + LANE * lanes.length
  const right = width - EDGE.right
  const yOf = (distance: number) => tidy(EDGE.top + DRAWN * (1 - distance / reach))
  const laneAt = (index: number) => EDGE.left + LANE * (index + 0.5)
  const foot = yOf(0)
  const texts = lanes.map(
    ({ label }, index): Shape => ({
      kind: 'text',
      x: laneAt(index),
      y: foot + 22,
      text: label.length > LONGEST_LABEL ? `${label.slice(0, LONGEST_LABEL - 1)}…` : label,
      anchor: 'middle',
      size: LABEL,
    }),
  )
  const drawnSpots = spots.flatMap((spot): readonly Shape[] => {
    const [x, y] = [laneAt(lanes.findIndex(({ label }) => label === spot.label)), yOf(spot.distance.toNumber())]
    const drawn: Shape = { kind: 'spot', x, y, fill: fillOf(part.spots[spot.index]?.colour) }
    return spot.rf ? [drawn, { kind: 'text', x, y: y + 23, text: spot.rf.text, anchor: 'middle', size: LABEL }] : [drawn]
  })
  const said = lanes.map(({ label, spots: own }) => `${label} at Rf ${own.map(({ rf }) => rf?.text ?? 'not known').join(', ')}`)
  return {
    width,
    height: HEIGHT,
    says: `Chromatogram with ${lanes.length} ${lanes.length === 1 ? 'lane' : 'lanes'}: ${said.join('; ')}`,
    shapes: [
      { kind: 'path', d: `M${EDGE.left - 10} 8H${right + 10}V${HEIGHT - 18}H${EDGE.left - 10}Z`, stroke: 'square' },
      { kind: 'path', d: `M${EDGE.left - 10} ${foot}H${right + 10}`, stroke: 'axis' },
      ...(front
        ? ([
            { kind: 'path', d: `M${EDGE.left - 10} ${yOf(reach)}H${right + 10}`, stroke: 'front' },
            { kind: 'text', x: right + 6, y: yOf(reach) - 6, text: 'front', anchor: 'end', size: LABEL },
          ] as const)
        : []),
      ...drawnSpots,
      ...texts,
      { kind: 'text', x: EDGE.left - 16, y: foot + 4, text: `0 ${part.unit ?? 'cm'}`, anchor: 'end', size: LABEL },
      { kind: 'text', x: EDGE.left - 16, y: yOf(reach) + 4, text: String(tidy(reach)), anchor: 'end', size: LABEL },
    ],
  }
}
