import { GASES } from '@hop-lark/core/gas'
import { Formula } from '../ui/Chem.tsx'
import { Care, Shelf } from './Shelf.tsx'

/** Gases: the test of each, and how it is made. */
export function GasShelf({ sought }: { readonly sought: string }) {
  const rows = GASES.map(({ gas, name, usual, tests, toldFrom = [], made }) => ({
    key: gas,
    words: `${gas} ${name} ${usual}`,
    name: (
      <>
        {name}
        <span className="block font-normal text-ink-soft">
          <Formula text={gas} />
        </span>
      </>
    ),
    says: (
      <>
        <strong className="font-semibold">
          {usual} {tests.find(({ test }) => test === usual)?.result}
        </strong>
        {toldFrom.map((other) => (
          <span key={other.gas} className="block">
            <Formula text={other.gas} /> does the same: told apart by {other.by}.
          </span>
        ))}
        {made && (
          <>
            <span className="block">From {made.reactants}.</span>
            <span className="block">
              Warming: {made.warming}. Collected {made.collection}.
            </span>
            <Care says={made.caution} />
          </>
        )}
      </>
    ),
  }))
  return <Shelf rows={rows} sought={sought} />
}
