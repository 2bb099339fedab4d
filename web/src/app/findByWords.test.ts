import { expect, it } from 'vitest'
import { findByWords } from './findByWords.ts'

it.each([
  ['Print the report', 'print', 1],
  ['Open the reference reagents ions gases flames colours indicators', 'print', 0],
  ['New run add accurate', 'run new', 0.5],
  ['Cl2(aq), chlorine water', 'chlor', 0.5],
  ['Cl2(aq), chlorine water', 'Cl2', 1],
  ['how to Heating to constant mass', 'constant mass', 0.5],
  ['New run', 'newer', 0],
  ['Undo take back', '', 1],
])('%j answers %j with %d', (entry, typed, score) => expect(findByWords(entry, typed)).toBe(score))
