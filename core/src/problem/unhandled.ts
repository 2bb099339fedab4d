/** Closes a switch over every kind: the compiler refuses a case that was forgotten. */
export function unhandled(value: never, where: string): never {
  throw new Error(`${where} has no case for ${JSON.stringify(value)}. Add one beside the others.`)
}
