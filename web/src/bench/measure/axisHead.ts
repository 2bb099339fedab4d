import { unitSymbol } from '@hop-lark/core/reckon'

/** Head of a column of numbers along an axis: `time / s`, or the name alone of a plain number. */
export const axisHead = ({ name, unit }: { readonly name: string; readonly unit: string }): string =>
  unit.trim() === '' ? name : `${name} / ${unitSymbol(unit)}`
