import { symbolOf } from '@hop-lark/core/number'
import { buretteOf, entryText, materialLabel, type PartOf, weighingOf } from '@hop-lark/core/record'
import { useTask } from '../../notebook/derived.ts'
import { EquationText } from '../../ui/Chem.tsx'

/** What is in the burette, what is in the flask, and to which sign: one sentence. */
export function SetUpLine({ part }: { readonly part: PartOf<'titration'> }) {
  const task = useTask()
  const unit = symbolOf(task.conventions.volumeUnit)
  const flask = part.flask.map((content) => {
    if ('weighing' in content)
      return `the weighed ${materialLabel(task, weighingOf(task, content.weighing)?.of ?? content.weighing)}`
    return `${content.volume === undefined ? '' : `${entryText(content.volume)} ${unit} of `}${materialLabel(task, content.material)}`
  })
  const own = part.runs.some(({ weighing }) => weighing !== undefined)
  const contents = own ? ['a weighed solid in each flask', ...flask] : flask
  const equation = part.reactions.find(({ role }) => role === 'titration')?.equation
  return (
    <>
      {materialLabel(task, buretteOf(part))} in the burette, against {contents.join(' with ') || 'a flask that is not set up yet'}
      {part.indicator && ` · ${part.indicator}`}
      {equation?.trim() && (
        <span className="mt-0.5 block">
          <EquationText text={equation} />
        </span>
      )}
    </>
  )
}
