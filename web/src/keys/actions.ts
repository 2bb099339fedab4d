/** An act that has a key, on every page where it can be done. */
export interface KeyAction {
  /** What it does, as the list of keys says it. */
  readonly says: string
  /** The combination it has until the student chooses another. `mod` is Ctrl, or ⌘ where that is usual. */
  readonly usual: string
  /** A letter that does the same while nothing is typed. */
  readonly letter?: string
}

/** Every act with a key of its own. What a key does is said here and nowhere else. */
export const KEY_ACTIONS = {
  palette: { says: 'find any action, stage or entry', usual: 'mod+k' },
  goOn: { says: 'go on to the next stage', usual: 'mod+enter' },
  makeNew: { says: 'new: a task on the shelf, a run, a sample', usual: 'alt+n', letter: 'n' },
  setUp: { says: 'set up: what is in the glass and what reacts', usual: 'alt+s', letter: 's' },
  sayYes: { says: 'take the reading that is asked about; Y alone does, in a cell', usual: 'alt+y' },
  freshPortion: { says: 'fresh portion (tubes)', usual: 'alt+p', letter: 'p' },
  grid: { says: 'grid of samples and tests (tubes)', usual: 'alt+g', letter: 'g' },
  nextTube: { says: 'the next tube', usual: 'pagedown' },
  tubeBefore: { says: 'the tube before', usual: 'pageup' },
  conclude: { says: 'write your conclusion (tubes)', usual: 'alt+c', letter: 'c' },
  timeColour: { says: 'time how long the colour stays', usual: 'alt+t', letter: 't' },
  print: { says: 'print the report', usual: 'alt+p' },
  reference: { says: 'reference: reagents, ions, gases, colours', usual: 'alt+r', letter: 'r' },
  search: { says: 'search the shelf', usual: 'alt+f', letter: 'slash' },
  undo: { says: 'undo: the typing in a field, else the last change', usual: 'mod+z' },
  redo: { says: 'redo', usual: 'mod+shift+z' },
  help: { says: 'this list', usual: 'alt+h', letter: 'shift+slash' },
} as const satisfies Record<string, KeyAction>

export type KeyActionName = keyof typeof KEY_ACTIONS

export const actionNamed = (name: KeyActionName): KeyAction => KEY_ACTIONS[name]
