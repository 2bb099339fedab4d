import { FUNCTIONS, type FunctionName } from './functions.ts'

/** One operation of a program: slots are indexes into the list of values, the first of them the inputs. */
export type Operation =
  | {
      readonly kind: 'product'
      readonly into: number
      readonly over: readonly number[]
      readonly under: readonly number[]
      readonly factor: number
    }
  | {
      readonly kind: 'sum'
      readonly into: number
      readonly plus: readonly number[]
      readonly minus: readonly number[]
    }
  | { readonly kind: 'mean' | 'least'; readonly into: number; readonly of: readonly number[] }
  /** A drawing near the place where it is read. */
  | {
      readonly kind: 'tangent'
      readonly into: number
      readonly of: number
      readonly at: number
      readonly height: number
      readonly slope: number
    }
  | { readonly kind: 'function'; readonly into: number; readonly name: FunctionName; readonly of: number }

/**
 * A calculation laid out as a list of operations in plain floating point, to be run very many times. It is plain
 * data, so that it can be handed to a worker.
 */
export interface Program {
  /** Names of the inputs, in the order of their slots. */
  readonly inputs: readonly string[]
  /** Value of each input. */
  readonly values: readonly number[]
  readonly operations: readonly Operation[]
  /** How many slots there are, and which holds the result. */
  readonly slots: number
  readonly result: number
}

/**
 * Runs a program once.
 *
 * @param slots - inputs in the first places; the rest is written over
 * @returns the result; not finite where something was divided by nought
 */
export function runProgram({ operations, result }: Program, slots: Float64Array): number {
  for (const operation of operations) slots[operation.into] = compute(operation, slots)
  return slots[result] as number
}

function compute(operation: Operation, slots: Float64Array): number {
  switch (operation.kind) {
    case 'product': {
      let value = operation.factor
      for (const slot of operation.over) value *= slots[slot] as number
      for (const slot of operation.under) value /= slots[slot] as number
      return value
    }
    case 'sum': {
      let value = 0
      for (const slot of operation.plus) value += slots[slot] as number
      for (const slot of operation.minus) value -= slots[slot] as number
      return value
    }
    case 'mean': {
      let value = 0
      for (const slot of operation.of) value += slots[slot] as number
      return value / operation.of.length
    }
    case 'least':
      return Math.min(...operation.of.map((slot) => slots[slot] as number))
    case 'tangent':
      return operation.height + operation.slope * ((slots[operation.of] as number) - operation.at)
    case 'function':
      return FUNCTIONS[operation.name].of(slots[operation.of] as number)
  }
}

/** Slots with the program's own inputs in place. */
export function freshSlots(program: Program): Float64Array {
  const slots = new Float64Array(program.slots)
  slots.set(program.values)
  return slots
}
