/** A file that cannot be used: what is wrong, where, and how to mend it. */
export class FileError extends Error {
  /** Stable name of the kind of fault, such as `zip.truncated`. */
  readonly code: string
  readonly mend: string

  constructor(code: string, says: string, mend: string) {
    super(says)
    this.name = 'FileError'
    this.code = code
    this.mend = mend
  }
}
