import { type Part, path } from '../../record/index.ts'
import type { Remark } from './remark.ts'

/** Quantities that have a unit; a pH, an absorbance, a ratio or a count has none. */
const HAS_UNIT =
  /\b(volume|mass|time|temperature|concentration|pressure|length|distance|current|voltage|potential|conductivity|amount|energy|rate|titre)\b/i

/** Axes, and with them headings of tables, that name a quantity and no unit. */
export function lookAtHeadings(parts: readonly Part[]): readonly Remark[] {
  return parts.flatMap((part) => {
    if (part.kind !== 'series' || part.points.length === 0) return []
    return (['x', 'y'] as const).flatMap((axis): Remark[] => {
      const { name, unit } = part[axis]
      const at = path('parts', part.id, axis, name.trim() === '' ? 'name' : 'unit')
      if (name.trim() === '')
        return [
          {
            code: 'look.headingMissing',
            at,
            says: `The ${axis} axis has no quantity on it.`,
            mend: 'Write what was read, and its unit.',
          },
        ]
      if (unit.trim() !== '' || !HAS_UNIT.test(name)) return []
      return [
        {
          code: 'look.headingUnit',
          at,
          says: `The heading “${name}” has no unit.`,
          mend: 'Quantity and unit stand in the heading: volume / cm³.',
        },
      ]
    })
  })
}
