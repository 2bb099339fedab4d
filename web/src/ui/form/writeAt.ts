import { get, set } from 'react-hook-form'

/** Writes a field of a form (`flask.0.volume`) into what it is a field of; nothing takes it out. */
export function writeAt(target: object, name: string, value: unknown): void {
  if (value !== undefined) {
    set(target, name, value)
    return
  }
  const names = name.split('.')
  const last = names.pop() ?? ''
  const holder = (names.length === 0 ? target : get(target, names.join('.'))) as Record<string, unknown> | undefined
  if (holder) delete holder[last]
}
