import { concludeFrom, ionName, type SampleVerdict, wholeSalts } from '@hop-lark/core/identify'
import { compareConclusion } from '@hop-lark/core/rack'
import { materialLabel, type PartOf, path, stepPath } from '@hop-lark/core/record'
import { useNavigate, useParams } from 'react-router'
import { goTo } from '../app/goTo.ts'
import { useIdentification } from '../bench/tubes/useIdentification.ts'
import { useDerived, useTask } from '../notebook/derived.ts'
import { EquationText, Formula } from '../ui/Chem.tsx'

/** The rack that holds a sample, or undefined. */
function useRackOf(material: string): PartOf<'rack'> | undefined {
  return useTask().parts.find(
    (part): part is PartOf<'rack'> => part.kind === 'rack' && part.samples.some((sample) => sample.material === material),
  )
}

/** The ions of a sample, each with the evidence and the equations it rests on. */
export function IonsAnswer({ material }: { readonly material: string }) {
  const part = useRackOf(material)
  if (!part) return <Missing says="tubes of this sample; it stands in no rack of this task" />
  return <Identified part={part} material={material} />
}

function Identified({ part, material }: { readonly part: PartOf<'rack'>; readonly material: string }) {
  const { found, failed } = useIdentification(part, material)
  const sample = part.samples.find((one) => one.material === material)
  const identification = found.get(material)
  if (failed !== undefined) return <p className="mt-3 text-litmus">The tubes could not be worked out: {failed}</p>
  if (part.board === 'after conclusion' && !sample?.conclusion)
    return <Missing says="your conclusion; it is laid beside the record once it is written" />
  if (!identification) return <p className="mt-3 text-ink-soft">Working out the tubes …</p>
  return <Conclusions part={part} conclusion={sample?.conclusion ?? ''} identification={identification} />
}

function Missing({ says }: { readonly says: string }) {
  return (
    <p className="mt-3 border-l-3 border-lark bg-lark-wash px-4 py-3">
      <strong>Still missing:</strong> {says}.
    </p>
  )
}

interface ConclusionsProps {
  readonly part: PartOf<'rack'>
  readonly conclusion: string
  readonly identification: SampleVerdict
}

function Conclusions({ part, conclusion, identification }: ConclusionsProps) {
  const task = useTask()
  const conclusions = concludeFrom(identification, part.samples, materialLabel(task, identification.material))
  if (conclusions.length === 0)
    return <Missing says="a test that settles an ion; the board beside the tubes names the most telling one" />
  const equationsOf = (step: string) => identification.steps.find(({ at }) => at === step)?.equations ?? []
  const notShown = compareConclusion(conclusion, identification)
    .claims.filter(({ says, judged }) => says === 'present' && judged !== 'agrees')
    .map(({ ion }) => ion)
  return (
    <>
      <ol>
        {conclusions.map(({ ion, says, evidence }, index) => (
          <li key={ion} className="grid grid-cols-[2rem_1fr] border-b border-hair py-3">
            <span className="num text-ink-soft">{index + 1}</span>
            <div>
              <p>
                <strong className="mr-2 text-lg font-semibold">
                  <Formula text={ion} />
                </strong>
                {says}
              </p>
              <Equations equations={[...new Set(evidence.flatMap(equationsOf))]} />
              <Evidence part={part} steps={evidence} />
            </div>
          </li>
        ))}
      </ol>
      {wholeSalts(identification).map(({ formula, name }) => (
        <p key={formula} className="mt-3 rounded-xl bg-hop-wash px-4 py-3">
          Together: <strong>{name}</strong>, <Formula text={formula} />, if nothing else is in it.
        </p>
      ))}
      {notShown.length > 0 && (
        <p className="mt-2 border-l-3 border-iodine pl-3 text-[0.95rem]">
          Your conclusion also names {notShown.map(ionName).join(', ')}, which no step of the record shows yet.
        </p>
      )}
    </>
  )
}

function Equations({ equations }: { readonly equations: readonly string[] }) {
  return equations.map((equation) => (
    <p key={equation} className="text-[0.95rem] text-ink-soft">
      <EquationText text={equation} />
    </p>
  ))
}

function Evidence({ part, steps }: { readonly part: PartOf<'rack'>; readonly steps: readonly string[] }) {
  const { stages } = useDerived()
  const { taskId = '' } = useParams()
  const navigate = useNavigate()
  return (
    <p className="mt-1 flex flex-wrap gap-x-3 text-sm">
      {steps.map((step) => (
        <button
          key={step}
          type="button"
          title={`${step}: go to where it was seen`}
          className="in-text num min-h-7 rounded font-semibold underline decoration-lark underline-offset-3 hover:text-hop"
          onClick={() => goTo({ at: stepPath(part, step) ?? path('parts', part.id), taskId, stages, navigate })}
        >
          {step}
        </button>
      ))}
    </p>
  )
}
