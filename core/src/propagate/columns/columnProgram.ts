import { unhandled } from '../../problem/index.ts'
import { FUNCTIONS } from '../functions.ts'
import type { Operation, Program } from '../program.ts'

/** A program run for many trials at once: each slot is a column, each operation goes down its columns before the next begins. */
export interface ColumnProgram {
  /** A column for each slot, the inputs first. */
  readonly columns: readonly Float64Array[]
  readonly run: () => void
  readonly result: Float64Array
}

type Columns = readonly Float64Array[]

/** Adds a column to another. */
export function addColumn(into: Float64Array, other: Float64Array): void {
  for (let t = 0; t < into.length; t++) into[t]! += other[t]!
}
function takeColumn(into: Float64Array, other: Float64Array): void {
  for (let t = 0; t < into.length; t++) into[t]! -= other[t]!
}
function timesColumn(into: Float64Array, other: Float64Array): void {
  for (let t = 0; t < into.length; t++) into[t]! *= other[t]!
}
function overColumn(into: Float64Array, other: Float64Array): void {
  for (let t = 0; t < into.length; t++) into[t]! /= other[t]!
}

function leastColumn(into: Float64Array, other: Float64Array): void {
  for (let t = 0; t < into.length; t++) into[t] = Math.min(into[t]!, other[t]!)
}

function eachOf(
  columns: Columns,
  slots: readonly number[],
  act: (into: Float64Array, other: Float64Array) => void,
  into: Float64Array,
) {
  for (const slot of slots) act(into, columns[slot]!)
}

/** An operation on columns. */
function runOperation(operation: Operation, columns: Columns): void {
  const into = columns[operation.into]!
  switch (operation.kind) {
    case 'product':
      into.fill(operation.factor)
      eachOf(columns, operation.over, timesColumn, into)
      eachOf(columns, operation.under, overColumn, into)
      return
    case 'sum':
      into.fill(0)
      eachOf(columns, operation.plus, addColumn, into)
      eachOf(columns, operation.minus, takeColumn, into)
      return
    case 'mean':
      into.fill(0)
      eachOf(columns, operation.of, addColumn, into)
      for (let t = 0; t < into.length; t++) into[t]! /= operation.of.length
      return
    case 'least':
      into.fill(Number.POSITIVE_INFINITY)
      eachOf(columns, operation.of, leastColumn, into)
      return
    case 'tangent': {
      const [{ at, height, slope }, from] = [operation, columns[operation.of]!]
      for (let t = 0; t < into.length; t++) into[t] = height + slope * (from[t]! - at)
      return
    }
    case 'function': {
      const [{ of }, from] = [FUNCTIONS[operation.name], columns[operation.of]!]
      for (let t = 0; t < into.length; t++) into[t] = of(from[t]!)
      return
    }
    default:
      unhandled(operation, 'runOperation')
  }
}

/** The slot that an operation only passes on; undefined where it works anything out. */
function passedOn(operation: Operation): number | undefined {
  if (operation.kind === 'mean' && operation.of.length === 1) return operation.of[0]
  const alone = operation.kind === 'product' && operation.factor === 1 && operation.under.length === 0
  return alone && operation.over.length === 1 ? operation.over[0] : undefined
}

/**
 * Lays a program out in columns.
 *
 * @param trials - how many at once: the length of a column
 */
export function columnProgram(program: Program, trials: number): ColumnProgram {
  const columns: Float64Array[] = program.values.map((value) => new Float64Array(trials).fill(value))
  const operations = program.operations.filter((operation) => {
    const same = passedOn(operation)
    columns[operation.into] = same === undefined ? new Float64Array(trials) : columns[same]!
    return same === undefined
  })
  return {
    columns,
    run: () => {
      for (const operation of operations) runOperation(operation, columns)
    },
    result: columns[program.result]!,
  }
}
