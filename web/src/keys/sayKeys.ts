const NAMES: Readonly<Record<string, string>> = {
  mod: 'Ctrl',
  ctrl: 'Ctrl',
  meta: 'Cmd',
  alt: 'Alt',
  shift: 'Shift',
  enter: '⏎',
  escape: 'Esc',
  pagedown: 'Page Down',
  pageup: 'Page Up',
  slash: '/',
  arrowup: '↑',
  arrowdown: '↓',
  arrowleft: '←',
  arrowright: '→',
}

/** A combination as it is printed on keys: `Ctrl ⏎`, `Alt N`, `?`. */
export function sayKeys(combination: string): string {
  if (combination === 'shift+slash') return '?'
  return combination
    .split('+')
    .map((key) => NAMES[key] ?? key.toUpperCase())
    .join(' ')
}

/** A combination as assistive technology is told it: `Alt+N`, `Control+Enter`. */
export const ariaKeys = (combination: string): string =>
  combination
    .split('+')
    .map((key) => (key === 'mod' ? 'Control' : key.length === 1 ? key.toUpperCase() : `${key[0]?.toUpperCase()}${key.slice(1)}`))
    .join('+')

/** Keys that only change what another does. */
const MODIFIERS: ReadonlySet<string> = new Set(['Control', 'Alt', 'Shift', 'Meta', 'AltGraph'])

/** The combination that was pressed, as it is kept; undefined while only Ctrl, Alt or Shift is down, or nothing holds a letter back. */
export function combinationOf({ key, code, ctrlKey, metaKey, altKey, shiftKey }: KeyboardEvent): string | undefined {
  if (MODIFIERS.has(key)) return undefined
  const name = code.replace(/^(Key|Digit|Numpad)/, '').toLowerCase()
  const held = [ctrlKey || metaKey ? 'mod' : '', altKey ? 'alt' : '', shiftKey ? 'shift' : ''].filter(Boolean)
  // A letter alone would be typed.
  if (held.length === 0 && !/^(f\d+|page)/.test(name)) return undefined
  return [...held, name].join('+')
}
