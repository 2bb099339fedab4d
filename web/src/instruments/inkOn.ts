import type { SolutionLook } from '@hop-lark/core/substance'

/** What can be read on a solution: its colour is the same in both themes, so the ink on it is too. */
export function inkOn(look: SolutionLook): string {
  return look.dark ? '#EBD9EC' : '#3A4550'
}
