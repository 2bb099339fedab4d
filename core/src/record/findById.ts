/** Things with ids, as in the lists of a record. */
type Identified = { readonly id: string }

const indexes = new WeakMap<readonly Identified[], ReadonlyMap<string, number>>()

/** Where in a list each id stands first. */
function placesIn(list: readonly Identified[]): ReadonlyMap<string, number> {
  const known = indexes.get(list)
  if (known) return known
  const places = new Map<string, number>()
  list.forEach(({ id }, place) => {
    if (!places.has(id)) places.set(id, place)
  })
  indexes.set(list, places)
  return places
}

/**
 * The first thing in a list with an id, or undefined. Where ids stand is remembered with the list, so that a record of a
 * thousand parts is not gone through for each of them; what is found is looked at, so that a list that has changed since
 * (a draft that is being edited) is searched as if nothing were remembered.
 */
export function findById<Thing extends Identified>(list: readonly Thing[], id: string): Thing | undefined {
  const found = list[placesIn(list).get(id) ?? -1]
  return found?.id === id ? found : list.find((thing) => thing.id === id)
}
