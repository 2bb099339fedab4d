import { REAGENTS } from '@hop-lark/core/tube'
import { Formula } from '../ui/Chem.tsx'
import { Care, Shelf } from './Shelf.tsx'

const bottle = /^([A-Z(].*?)(\((?:aq|s|l|g|conc)\))$/

/** The bottles of the bench: how strong, what for, what to mind. */
export function ReagentShelf({ sought }: { readonly sought: string }) {
  const rows = Object.entries(REAGENTS).map(([name, { says, purpose, care, putIn, state }]) => {
    const [, formula, phase] = bottle.exec(name) ?? []
    const strength = state === 'aq' ? Object.values(putIn)[0] : undefined
    return {
      key: name,
      words: `${name} ${says} ${purpose}`,
      name: formula ? (
        <>
          <Formula text={formula} />
          {phase}
        </>
      ) : (
        name
      ),
      says: (
        <>
          {says}
          {strength !== undefined && (
            <span className="whitespace-nowrap text-ink-soft">, {Number(strength.toPrecision(3))} mol/dm³</span>
          )}
          <span className="block text-ink-soft">for {purpose}</span>
          <Care says={care} />
        </>
      ),
    }
  })
  return <Shelf rows={rows} sought={sought} />
}
