/** An object of a file that has not been checked yet. */
export type Json = Record<string, unknown>

export const isRecord = (value: unknown): value is Json => typeof value === 'object' && value !== null && !Array.isArray(value)

/** Changes each thing of a list; what is no list is left as it is. */
export function mapList(list: unknown, change: (item: unknown, index: number) => unknown): unknown {
  return Array.isArray(list) ? list.map(change) : list
}

/** The id of the thing at a position: its word and its number, from 1. */
export const numbered = (word: string, index: number): string => `${word}${index + 1}`

/** The objects of a list of the file. */
export const recordsIn = (list: unknown): readonly Json[] => (Array.isArray(list) ? list.filter(isRecord) : [])
