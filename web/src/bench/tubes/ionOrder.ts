import type { IonVerdict } from '@hop-lark/core/identify'
import { ION_TABLE } from '@hop-lark/core/substance'

const PLACE: ReadonlyMap<string, number> = new Map(ION_TABLE.map(({ ion }, index) => [ion, index]))
const placeOf = ({ ion }: IonVerdict) => PLACE.get(ion) ?? PLACE.size

/** Ions in the order in which they are listed to a student, whatever was found of them: each stays where the eye looks for it. */
export const inOrder = (ions: readonly IonVerdict[]): readonly IonVerdict[] =>
  ions.toSorted((one, other) => placeOf(one) - placeOf(other))

export const isCation = ({ ion }: IonVerdict): boolean => ion.endsWith('+')
