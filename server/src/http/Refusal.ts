/** A request that is refused for a reason the student can do something about. */
export class Refusal extends Error {
  readonly status: number
  readonly code: string
  readonly mend: string

  constructor(status: number, code: string, says: string, mend: string) {
    super(says)
    this.name = 'Refusal'
    this.status = status
    this.code = code
    this.mend = mend
  }
}
