import { type Behaviour, CANDIDATES, ionName } from '@hop-lark/core/identify'
import type { Action } from '@hop-lark/core/rack'
import { useEffect, useState } from 'react'
import { chemistry } from '../bench/tubes/chemistry.ts'
import { DidText } from '../bench/tubes/DidText.tsx'
import { Formula } from '../ui/Chem.tsx'

/** Ions, and how each behaves in the usual tests as the model has it. */
export function IonShelf({ sought }: { readonly sought: string }) {
  const [chosen, setChosen] = useState<string>()
  const found = CANDIDATES.filter(({ ion }) => `${ion} ${ion.replace('^', '')} ${ionName(ion)}`.toLowerCase().includes(sought))
  const shown =
    chosen !== undefined && found.some(({ ion }) => ion === chosen) ? chosen : found.length === 1 ? found[0]?.ion : undefined
  if (found.length === 0) return <p className="text-ink-soft">No ion here by the name of “{sought}”.</p>
  return (
    <>
      <ul className="flex flex-wrap gap-1.5">
        {found.map(({ ion }) => (
          <li key={ion}>
            <button
              type="button"
              aria-pressed={ion === shown}
              aria-label={ionName(ion)}
              title={ionName(ion)}
              onClick={() => setChosen(ion)}
              className={`min-h-9 rounded-lg border px-2.5 font-semibold ${ion === shown ? 'border-ink bg-ink text-sheet' : 'border-rule hover:border-ink-soft'}`}
            >
              <Formula text={ion} />
            </button>
          </li>
        ))}
      </ul>
      {shown ? <IonCard key={shown} ion={shown} /> : <p className="mt-3 text-ink-soft">Choose an ion to see what it does.</p>}
    </>
  )
}

function IonCard({ ion }: { readonly ion: string }) {
  const [behaviour, setBehaviour] = useState<readonly Behaviour[] | 'failed'>()
  useEffect(() => {
    let still = true
    chemistry()
      .behaviour(ion)
      .then(
        (found) => still && setBehaviour(found),
        () => still && setBehaviour('failed'),
      )
    return () => {
      still = false
    }
  }, [ion])
  return (
    <section aria-label={ionName(ion)} className="mt-4">
      <h3 className="text-xl font-bold">
        {ionName(ion)}{' '}
        <span className="ml-1 font-sans font-normal text-ink-soft">
          <Formula text={ion} />
        </span>
      </h3>
      <p className="text-sm text-ink-soft">At about 0.1 mol/dm³, 1 cm³ in a tube, worked out by the model.</p>
      {behaviour === 'failed' && <p className="mt-2 text-litmus">This ion could not be worked out on this device.</p>}
      {behaviour === undefined && <p className="mt-2 text-ink-soft">Working it out …</p>}
      {Array.isArray(behaviour) &&
        behaviour.map(({ steps }: Behaviour, test) => (
          <table key={test} className="mt-3 w-full table-fixed border-collapse text-[0.95rem]">
            <tbody>
              {steps.map(({ step, saw }, index) => (
                <tr key={index} className="border-b border-hair align-top">
                  <th scope="row" className="w-[45%] py-1 pr-3 text-left font-semibold">
                    <DidText action={step as Action} />
                  </th>
                  <td className="py-1">{saw}</td>
                </tr>
              ))}
            </tbody>
          </table>
        ))}
    </section>
  )
}
