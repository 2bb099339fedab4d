import type { PartOf } from '../record/index.ts'

type AxisRead = PartOf<'series'>['x']

/** What is plotted along an axis instead of what was read. */
export type Plotted = NonNullable<AxisRead['plotted']>

/** An axis as it is drawn: what stands along it, in which unit, and how it comes from what is read. */
export interface DrawnAxis {
  readonly name: string
  readonly unit: string
  /** Not a finite number where it cannot be taken, as of the logarithm of nought. */
  readonly of: (read: number) => number
}

const CELSIUS_ZERO = 273.15

const inverseUnit = (unit: string) => (unit.trim() === '' ? '' : `1/${/[\s/·]/.test(unit.trim()) ? `(${unit})` : unit}`)
const PLOTTED: Readonly<Record<Plotted, (axis: AxisRead) => DrawnAxis>> = {
  inverse: (axis) => ({ name: `1/${axis.name}`, unit: inverseUnit(axis.unit), of: (read) => 1 / read }),
  'inverse kelvins': ({ name, unit }) => {
    const zero = unit.includes('°') ? CELSIUS_ZERO : 0
    return { name: `1/${name}`, unit: '1/K', of: (read) => 1 / (read + zero) }
  },
  ln: ({ name }) => ({ name: `ln(${name})`, unit: '', of: Math.log }),
  log: ({ name }) => ({ name: `log(${name})`, unit: '', of: Math.log10 }),
  'ln of inverse': ({ name }) => ({ name: `ln(1/${name})`, unit: '', of: (read) => -Math.log(read) }),
  'log of inverse': ({ name }) => ({ name: `log(1/${name})`, unit: '', of: (read) => -Math.log10(read) }),
  square: ({ name, unit }) => ({ name: `${name}²`, unit: unit.trim() === '' ? '' : `(${unit})^2`, of: (read) => read ** 2 }),
}

const asRead = ({ name, unit }: AxisRead): DrawnAxis => ({ name, unit, of: (read) => read })

/** An axis of a series as it is drawn. */
export function drawnAxis(axis: AxisRead): DrawnAxis {
  return axis.plotted === undefined ? asRead(axis) : PLOTTED[axis.plotted](axis)
}

/** The unit of a gradient: that of y over that of x, either of which may be a plain number. */
export function unitPer({ x, y }: { readonly x: Pick<DrawnAxis, 'unit'>; readonly y: Pick<DrawnAxis, 'unit'> }): string {
  const [across, up] = [x.unit.trim(), y.unit.trim()]
  if (across === '') return up
  if (across.startsWith('1/')) return [up, across.slice(2)].filter(Boolean).join(' ')
  const [, above, below] = /^([^/\s]+)\/([^/\s]+)$/.exec(across) ?? []
  if (up === '' && above !== undefined) return `${below}/${above}`
  return `${up === '' ? '1' : up}/${/[\s/·]/.test(across) ? `(${across})` : across}`
}
