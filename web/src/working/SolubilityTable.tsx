import { Exact, formatFigures, unitSymbol } from '@hop-lark/core/number'
import { type SolubilityTrend, solubilityTrends } from '@hop-lark/core/reckon'
import { useMemo } from 'react'
import { useDerived, useTask } from '../notebook/derived.ts'
import { Formula } from '../ui/Chem.tsx'
import { ColumnHeads } from '../ui/ColumnHeads.tsx'
import { Num } from '../ui/Num.tsx'

const FIGURES = 3
const write = (value: number) => formatFigures(new Exact(value), FIGURES)

/** Solubilities of a salt in several solutions beside each other, and what they show. */
export function SolubilityTable() {
  const task = useTask()
  const { reckoning } = useDerived()
  const trends = useMemo(() => solubilityTrends(task, reckoning.answers), [task, reckoning])
  return trends.map((trend) => <Trend key={trend.salt} trend={trend} />)
}

function Trend({ trend }: { readonly trend: SolubilityTrend }) {
  return (
    <section aria-label={`${trend.salt} in several solutions`} className="mb-9">
      <h2 className="border-b-[1.5px] border-ink pb-2 text-xl font-bold">
        <Formula text={trend.salt} /> in several solutions
      </h2>
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: on a phone the table is scrolled sideways, by keys too */}
      <section className="overflow-x-auto" aria-label="Solubilities" tabIndex={0}>
        <table className="w-full border-collapse">
          <ColumnHeads
            columns={[
              { says: 'Solution' },
              { says: 'Also in it' },
              { says: `Ionic strength / ${unitSymbol('mol/dm3')}`, align: 'right' },
              { says: `Solubility / ${unitSymbol('mol/dm3')}`, align: 'right' },
              { says: 'Product', align: 'right' },
            ]}
          />
          <tbody>
            {trend.rows.map(({ material, label, background, ionicStrength, solubility, product }) => (
              <tr key={material} className="border-b border-hair">
                <th scope="row" className="py-1.5 text-left font-semibold">
                  {label}
                </th>
                <td className="pl-4">
                  {background.length === 0 ? (
                    <span className="text-ink-soft">only water</span>
                  ) : (
                    background.map((solute) => <Formula key={solute} text={solute} />)
                  )}
                </td>
                <td className="pl-4 text-right">
                  <Num text={write(ionicStrength)} />
                </td>
                <td className="pl-4 text-right">
                  <Num text={write(solubility)} className="font-semibold" />
                </td>
                <td className="pl-4 text-right">
                  {product === undefined ? '–' : <Num text={write(product)} className="font-semibold" />}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
      {trend.says.map((sentence) => (
        <p key={sentence} className="mt-2 border-l-3 border-hop bg-hop-wash px-4 py-2">
          {sentence}
        </p>
      ))}
    </section>
  )
}
