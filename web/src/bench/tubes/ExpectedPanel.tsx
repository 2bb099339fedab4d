import { CANDIDATES, type ExpectedStep, ionName, knownOf, type RackKnown } from '@hop-lark/core/identify'
import { LIQUIDS } from '@hop-lark/core/liquids'
import type { Action } from '@hop-lark/core/rack'
import type { PartOf } from '@hop-lark/core/record'
import { useEffect, useState } from 'react'
import { useTask } from '../../notebook/derived.ts'
import { EquationText } from '../../ui/Chem.tsx'
import { ColumnHeads } from '../../ui/ColumnHeads.tsx'
import { Select } from '../../ui/Select.tsx'
import { chemistry } from './chemistry.ts'
import { DidText } from './DidText.tsx'
import { samplesWith, type Tube } from './rackEdits.ts'
import { SlipsPanel } from './SlipsPanel.tsx'

const NONE = 'none'
const CHOICES = (kind: 'cation' | 'anion') => [
  { value: NONE, says: kind === 'cation' ? 'no cation' : 'no anion' },
  ...CANDIDATES.filter((one) => one.kind === kind).map(({ ion }) => ({ value: ion, says: ionName(ion) })),
]
const CATIONS = CHOICES('cation')
const ANIONS = CHOICES('anion')
const LIQUID_CHOICES = [{ value: NONE, says: 'no liquid' }, ...Object.keys(LIQUIDS).map((name) => ({ value: name, says: name }))]

interface ExpectedPanelProps {
  readonly part: PartOf<'rack'>
  readonly tube: Tube
  /** What is typed and not yet done. */
  readonly planned: Action | undefined
}

/** What the steps of a tube should have shown, and the one that is planned will show, if the sample held ions that the student names. */
export function ExpectedPanel({ part, tube: recorded, planned }: ExpectedPanelProps) {
  const tube: Tube = planned ? { ...recorded, steps: [...recorded.steps, { id: 'planned', ...planned }] } : recorded

  const task = useTask()
  const [cation, setCation] = useState(NONE)
  const [anion, setAnion] = useState(NONE)
  const [liquid, setLiquid] = useState(NONE)
  const known = knownOf(task, part)
  const home = part.samples.find(({ tubes }) => tubes.some(({ id }) => id === tube.id))
  const isLiquid = home !== undefined && known.liquids?.includes(home.material)
  const ions = (isLiquid ? [liquid] : [cation, anion]).filter((one) => one !== NONE)
  const expected = useExpected(part, tube, ions, known)
  return (
    <div className="mt-2">
      <div className="flex flex-wrap items-center gap-2">
        <span>What should</span>
        {isLiquid ? (
          <Select label="Liquid" value={liquid} choices={LIQUID_CHOICES} onChange={setLiquid} />
        ) : (
          <>
            <Select label="Cation" value={cation} choices={CATIONS} onChange={setCation} />
            <Select label="Anion" value={anion} choices={ANIONS} onChange={setAnion} />
          </>
        )}
        <span>have shown in {tube.id}?</span>
      </div>
      {ions.length > 0 && expected === 'cannot be' && (
        <p className="mt-2 text-iodine">These ions cannot stand together as a sample of this kind.</p>
      )}
      {ions.length > 0 && typeof expected === 'object' && (
        <table className="mt-2 w-full border-collapse" data-testid="expected">
          <ColumnHeads eyebrow columns={[{ says: 'Did' }, { says: 'Should show' }, { says: 'You saw' }]} />
          <tbody>
            {tube.steps.map((step, index) => (
              <tr key={index} className="border-b border-hair align-top">
                <td className="py-1.5 pr-3 font-semibold">
                  <DidText action={step} />
                </td>
                <td className="py-1.5 pr-3">
                  {expected[index]?.saw}
                  {expected[index]?.equations.map((equation) => (
                    <span key={equation} className="block text-[0.9rem] text-ink-soft">
                      <EquationText text={equation} />
                    </span>
                  ))}
                </td>
                <td className="py-1.5">
                  {step.saw ?? (
                    <span className="text-ink-soft">{index < recorded.steps.length ? 'not written down' : 'not done yet'}</span>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {ions.length > 0 && !isLiquid && typeof expected === 'object' && (
        <SlipsPanel part={part} tube={tube} ions={ions} known={known} />
      )}
    </div>
  )
}

function useExpected(
  part: PartOf<'rack'>,
  tube: Tube,
  ions: readonly string[],
  known: RackKnown,
): readonly ExpectedStep[] | 'cannot be' | undefined {
  const [expected, setExpected] = useState<readonly ExpectedStep[] | 'cannot be'>()
  const samples = samplesWith(part, tube)
  const asked = JSON.stringify([samples, tube.id, ions, known])
  useEffect(() => {
    const [samples, tubeId, named, as] = JSON.parse(asked)
    if (named.length === 0) return
    let still = true
    void chemistry()
      .expected(samples, tubeId, named, as)
      .then(
        (found) => still && setExpected(found ?? 'cannot be'),
        () => still && setExpected('cannot be'),
      )
    return () => {
      still = false
    }
  }, [asked])
  return expected
}
