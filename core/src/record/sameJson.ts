/** Whether two JSON values are equal; the order of an object's keys does not count, a missing key equals undefined. */
export function sameJson(one: unknown, other: unknown): boolean {
  if (one === other) return true
  if (typeof one !== 'object' || typeof other !== 'object' || one === null || other === null) return false
  if (Array.isArray(one) !== Array.isArray(other)) return false
  const [a, b] = [one as Record<string, unknown>, other as Record<string, unknown>]
  const keys = new Set([...Object.keys(a), ...Object.keys(b)])
  return [...keys].every((key) => sameJson(a[key], b[key]))
}
