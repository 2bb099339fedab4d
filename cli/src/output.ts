import type { Problem } from '@hop-lark/core/problem'
import { writePath } from '@hop-lark/core/record'

/** Where a command writes; passed in, so that a test can read it. */
export interface Output {
  readonly out: (text: string) => void
  readonly err: (text: string) => void
  /** For what is no text: documents and archives. */
  readonly bytes: (bytes: Uint8Array) => void
}

export function writeJson(output: Output, value: unknown): void {
  output.out(`${JSON.stringify(value, null, 2)}\n`)
}

/** A problem as the contract has it: what the page's one-key mend needs stays out. */
export function plainProblem({ level, at, code, says, mend }: Problem) {
  return { level, at: writePath(at), code, says, mend }
}

export function writeProblems(output: Output, problems: readonly Problem[]): void {
  for (const { level, at, says, mend } of problems)
    output.out(`${level.padEnd(7)} ${writePath(at)}\n        ${says}\n        ${mend}\n`)
}

/** 1 when the record has an error or asks something; advice alone is fine. */
export function statusOf(problems: readonly Problem[]): number {
  return problems.some(({ level }) => level !== 'advice') ? 1 : 0
}
