import type { Asked, Investigation, Plan, Values } from './investigation.ts'

/** A list as it is typed: names with commas between them, each once. */
export const namesIn = (text: string): readonly string[] => [
  ...new Set(
    text
      .split(',')
      .map((one) => one.trim())
      .filter(Boolean),
  ),
]

/** What is wrong with a value that was asked for, or undefined. */
export function faultOf(asked: Asked, value: string): string | undefined {
  if (asked.kind === 'choice')
    return asked.choices.some((one) => one.value === value) ? undefined : `${asked.says}: choose one of those there are.`
  if (asked.kind === 'list') {
    const count = namesIn(value).length
    return count >= asked.least && count <= asked.most
      ? undefined
      : `${asked.says}: ${asked.least} to ${asked.most} names, with commas between them.`
  }
  const number = Number(value.replace(',', '.'))
  return value.trim() !== '' && number >= asked.least && number <= asked.most
    ? undefined
    : `${asked.says}: a number from ${asked.least} to ${asked.most} ${asked.unit}.`.replace(/ \.$/, '.')
}

/** The values an investigation begins with. */
export const usualValues = ({ asks }: Investigation): Values => Object.fromEntries(asks.map(({ name, usual }) => [name, usual]))

/** Plans an investigation, or says what of the values is to be changed. */
export function planOf(investigation: Investigation, values: Values): Plan | { readonly refused: string } {
  for (const asked of investigation.asks) {
    const fault = faultOf(asked, values[asked.name] ?? '')
    if (fault !== undefined) return { refused: fault }
  }
  const plain = Object.fromEntries(
    investigation.asks.map(({ name, kind }) => {
      const value = values[name] ?? ''
      return [name, kind === 'number' ? value.trim().replace(',', '.') : value]
    }),
  )
  return investigation.plan(plain)
}
