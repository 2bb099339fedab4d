import { GAS_RECIPES, GAS_TEST_RESULTS } from '@hop-lark/core/tube'
import { Formula } from '../ui/Chem.tsx'
import { Care, Shelf } from './Shelf.tsx'

/** Gases: the test of each, and how it is made. */
export function GasShelf({ sought }: { readonly sought: string }) {
  const rows = GAS_RECIPES.map(({ gas, name, reactants, warming, collection, test, caution }) => ({
    key: gas,
    words: `${gas} ${name} ${test}`,
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
          {test} {(GAS_TEST_RESULTS[test] as Readonly<Record<string, string>>)[gas]}
        </strong>
        <span className="block">From {reactants}.</span>
        <span className="block">
          Warming: {warming}. Collected {collection}.
        </span>
        <Care says={caution} />
      </>
    ),
  }))
  return <Shelf rows={rows} sought={sought} />
}
