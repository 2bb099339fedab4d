/** How a stroke looks on paper; told apart without colour, too. */
export type Stroke = 'hair' | 'square' | 'axis' | 'line' | 'construction' | 'tangent' | 'other line' | 'mark' | 'doubt' | 'front'

/** Something that is drawn, in units of the drawing from its upper left corner. */
export type Shape =
  | { readonly kind: 'path'; readonly d: string; readonly stroke: Stroke }
  | {
      readonly kind: 'circle'
      readonly x: number
      readonly y: number
      readonly r: number
      readonly stroke: Stroke
      readonly filled?: boolean
    }
  | {
      readonly kind: 'spot'
      readonly x: number
      readonly y: number
      /** A colour of the chemical palette, as the web writes it. */
      readonly fill: string
    }
  | {
      readonly kind: 'text'
      readonly x: number
      readonly y: number
      readonly text: string
      readonly anchor: 'start' | 'middle' | 'end'
      readonly size: number
      /** Degrees it is turned by, clockwise. */
      readonly turned?: number
    }

/** A drawing of the report: plain data, so that every format draws the same. */
export interface Drawing {
  readonly width: number
  readonly height: number
  /** What it shows, for whoever cannot see it. */
  readonly says: string
  readonly shapes: readonly Shape[]
}
