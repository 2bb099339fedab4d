import { type IonVerdict, ionName } from '@hop-lark/core/identify'
import { Formula } from '../../ui/Chem.tsx'
import { isCation } from './ionOrder.ts'

/** Steps that are named against an ion, at most. */
const MOST_STEPS = 3

interface RuledOutProps {
  readonly ions: readonly IonVerdict[]
  /** Those of which something else was said before. */
  readonly changed: ReadonlySet<string>
  readonly onShow: (step: string) => void
}

/** Ions that are ruled out, cations and anions each together; each leads to the step that does it. */
export function RuledOut({ ions, changed, onShow }: RuledOutProps) {
  const groups = [
    { says: 'Cations', members: ions.filter(isCation) },
    { says: 'Anions', members: ions.filter((one) => !isCation(one)) },
  ].filter(({ members }) => members.length > 0)
  if (groups.length === 0) return null
  return (
    <div>
      <h2 className="eyebrow mb-1">Ruled out</h2>
      {groups.map(({ says, members }) => (
        <div key={says} className="mb-1.5 grid grid-cols-[4.2rem_1fr] gap-x-2">
          <h3 className="pt-0.5 text-sm text-ink-soft">{says}</h3>
          <ul className="flex flex-wrap gap-x-3 gap-y-1">
            {members.map((one) => (
              <li key={one.ion}>
                <RuledOutIon {...one} isNew={changed.has(one.ion)} onShow={onShow} />
              </li>
            ))}
          </ul>
        </div>
      ))}
    </div>
  )
}

function RuledOutIon({
  ion,
  against,
  isNew,
  onShow,
}: IonVerdict & { readonly isNew: boolean; readonly onShow: (step: string) => void }) {
  const steps = against.slice(0, MOST_STEPS).join(', ')
  return (
    <button
      type="button"
      className={`hover:text-ink ${isNew ? 'rounded bg-lark-wash px-1 font-semibold' : 'text-ink-soft line-through'}`}
      title={`${ionName(ion)}${steps && `: ${steps}`}`}
      aria-label={`${ionName(ion)} ${isNew ? 'now ' : ''}ruled out${steps && ` by ${steps}`}`}
      onClick={() => against[0] !== undefined && onShow(against[0])}
    >
      <Formula text={ion} />
      {isNew && ' out'}
    </button>
  )
}
