import type { Stroke } from './shapes.ts'

interface Look {
  readonly colour: string
  readonly width: number
  readonly dashes?: string
}

/** How each stroke looks on white paper: kept apart by width and dashes, so that a print in black and white can be read. */
export const STROKES: Readonly<Record<Stroke, Look>> = {
  hair: { colour: '#ddd8cc', width: 0.5 },
  square: { colour: '#bdb6a5', width: 0.9 },
  axis: { colour: '#1c2733', width: 1.4 },
  line: { colour: '#1c2733', width: 1.6 },
  construction: { colour: '#555555', width: 1.2, dashes: '5 4' },
  tangent: { colour: '#555555', width: 1.4, dashes: '9 3' },
  'other line': { colour: '#7a5230', width: 1.4, dashes: '2 3' },
  mark: { colour: '#1c2733', width: 1.6 },
  doubt: { colour: '#8c5200', width: 1.4 },
  front: { colour: '#7a5230', width: 1.4, dashes: '6 4' },
}
export const INK = '#1c2733'
