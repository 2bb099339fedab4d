import { BURETTES, CYLINDERS, FLASKS, type GlassRow, PIPETTES } from '@hop-lark/core/glassware'
import { ColumnHeads } from '../ui/ColumnHeads.tsx'

const KINDS: readonly (readonly [title: string, standard: string, rows: readonly GlassRow[]])[] = [
  ['Burettes', 'ISO 385', BURETTES],
  ['Pipettes', 'ISO 648', PIPETTES],
  ['Volumetric flasks', 'ISO 1042', FLASKS],
  ['Measuring cylinders', 'ISO 4788', CYLINDERS],
]

/** Tolerances of glassware by class, with the standard each is from. */
export function GlasswareShelf({ sought }: { readonly sought: string }) {
  const found = KINDS.filter(
    ([title, , rows]) => title.toLowerCase().includes(sought) || rows.some(({ capacity }) => capacity === sought),
  )
  if (found.length === 0) return <p className="text-ink-soft">No glassware by the name of “{sought}”.</p>
  return found.map(([title, standard, rows]) => (
    <section key={title} className="mb-5">
      <h3 className="text-lg font-bold">
        {title} <span className="ml-1 font-sans text-sm font-normal text-ink-soft">{standard}</span>
      </h3>
      <table className="w-full border-collapse text-[0.95rem]">
        <ColumnHeads
          columns={[
            { says: 'Capacity / cm³' },
            { says: 'Division / cm³', align: 'right' },
            { says: 'Class A / ± cm³', align: 'right' },
            { says: 'Class B / ± cm³', align: 'right' },
          ]}
        />
        <tbody className="num">
          {rows.map(({ capacity, division, tolerance }) => (
            <tr key={capacity} className="border-b border-hair text-right">
              <th scope="row" className="py-1 text-left font-semibold">
                {capacity}
              </th>
              <td className="py-1">{division ?? 'one mark'}</td>
              <td className="py-1">{tolerance.A}</td>
              <td className="py-1">{tolerance.B}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  ))
}
