/** Where the quantity of a line is: in what role, in which of the task's parts (or materials) of that kind, in which run. */
export interface LinePlace {
  readonly role: string
  /** From 1, among the things of its kind. */
  readonly number: number
  /** From 1, where every run has a flask of its own. */
  readonly run?: number
  /** From 1, among several portions or steps there. */
  readonly item?: number
}

/** What a line of working is of. */
export interface LineOf {
  readonly what: string
  /** Atoms and charge, such as `Mn1O4|-1`. */
  readonly species?: string
  readonly where?: LinePlace
}

function formulaOf(species: string): string {
  const [atoms = '', charge = '0'] = species.split('|')
  const size = Math.abs(Number(charge))
  const sign = Number(charge) < 0 ? '-' : '+'
  const plain = atoms.replace(/(?<=[A-Za-z])1(?!\d)/g, '')
  return size === 0 ? plain : `${plain}${size === 1 ? '' : `^${size}`}${sign}`
}

/**
 * The stable name of a line of working, under which a student's own value for it is kept: `amount MnO4- titre`,
 * `mass weighed 2`. It speaks of what the line is of and not of how it is worked out or of what parts are called, so it
 * stays when a part is renamed or the school of working changes.
 */
export function lineName({ what, species, where }: LineOf): string {
  const words = [what, species === undefined ? '' : formulaOf(species), where?.role ?? '']
  if (where && where.number > 1) words.push(String(where.number))
  if (where?.item !== undefined) words.push(`portion ${where.item}`)
  if (where?.run !== undefined) words.push(`run ${where.run}`)
  return words.filter((word) => word !== '').join(' ')
}
