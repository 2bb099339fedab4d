/** Where readings lie on a drawn burette. The scale runs downwards from 0. */
export interface BuretteScale {
  readonly capacity: number
  /** Height of the 0 mark and of the lowest mark, in drawing units from the top. */
  readonly top: number
  readonly bottom: number
}

/** A mark of the scale: every tenth-part is labelled. */
export interface Mark {
  readonly reading: number
  readonly size: 'small' | 'middle' | 'large'
}

/** Height of a reading in drawing units; readings off the scale are drawn at its end. */
export function heightOf(reading: number, { capacity, top, bottom }: BuretteScale): number {
  const within = Math.min(Math.max(reading, 0), capacity)
  return top + (within / capacity) * (bottom - top)
}

/** The marks that can be told apart at arm's length: fifty of them, the fifths labelled. */
export function marksOf(capacity: number): readonly Mark[] {
  return Array.from({ length: 51 }, (_, index) => ({
    reading: (index * capacity) / 50,
    size: index % 10 === 0 ? 'large' : index % 5 === 0 ? 'middle' : 'small',
  }))
}

/** The divisions seen through the magnifier: tenths around a reading, on the scale only. */
export function divisionsAround(reading: number, reach: number, capacity: number): readonly number[] {
  const first = Math.max(0, Math.ceil((reading - reach) * 10 - 1e-9))
  const last = Math.min(capacity * 10, Math.floor((reading + reach) * 10 + 1e-9))
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, index) => (first + index) / 10)
}
