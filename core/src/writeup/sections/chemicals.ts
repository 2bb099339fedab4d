import { findMaterial, type Material, materialLabel, path, type Task } from '../../record/index.ts'
import { careOf, formulaPieces } from '../../substance/index.ts'
import { reagentNamed } from '../../tube/index.ts'
import { tableOf, wordCell } from '../cells.ts'
import type { Facts } from '../facts.ts'
import type { Cell, Proposed, Section } from '../report.ts'
import { strengthOf, substanceName } from '../words.ts'

/** What a material is, beside its label. */
function whatItIs({ solute, form, note, bottle }: Material): Cell {
  const name = substanceName(solute)
  const words = [name ?? note ?? '', bottle ? (/^\w{1,3}$/.test(bottle) ? `bottle ${bottle}` : bottle) : '']
    .filter(Boolean)
    .join(', ')
  const state = form === 'solution' ? 'solution' : form
  if (words !== '') return wordCell(`${words} (${state})`)
  return solute ? { line: [...formulaPieces(solute), { text: ` (${state})`, place: 'line' }] } : wordCell(state)
}

/** Bottles that were used in tubes, by the names they have on the bench. */
export function bottlesUsed({ parts }: Task): readonly string[] {
  const steps = parts.flatMap((part) =>
    part.kind === 'rack' ? part.samples.flatMap(({ tubes }) => tubes.flatMap((tube) => tube.steps)) : [],
  )
  const named = steps.flatMap(({ reagent, with: others = [] }) => [
    ...others.map((one) => one.reagent),
    ...(reagent ? [reagent] : []),
  ])
  return [...new Set(named)].filter((name) => reagentNamed(name) !== undefined && reagentNamed(name)?.paper === undefined)
}

const materialRow = (task: Task, material: Material): readonly Cell[] => [
  wordCell(materialLabel(task, material.id), path('materials', material.id)),
  whatItIs(material),
  wordCell(strengthOf(task, material) || '–'),
  wordCell(careOf(material.solute) ?? ''),
]

function bottleRow(name: string): readonly Cell[] {
  const bottle = reagentNamed(name)
  return [wordCell(name), wordCell(bottle?.says ?? ''), wordCell('–'), wordCell(bottle?.care ?? '')]
}

const HEADS = ['Label', 'What it is', 'Strength', 'Care']

/** What stood on the bench: strengths as they are stated, and the usual cautions. */
export function chemicalsSection({ task }: Facts): Section<Proposed> | undefined {
  const labels = new Set(task.materials.map(({ id }) => id))
  const rows = [
    ...task.materials.filter(({ id }) => findMaterial(task, id)?.label.trim()).map((material) => materialRow(task, material)),
    ...bottlesUsed(task)
      .filter((name) => !labels.has(name))
      .map(bottleRow),
  ]
  if (rows.length === 0) return undefined
  // A column in which nothing stands says nothing.
  const kept = HEADS.map((_, column) => rows.some((cells) => !/^–?$/.test(cells[column]?.line[0]?.text ?? '')))
  const table = tableOf({
    id: 'chemicals',
    caption: '',
    head: HEADS.filter((_, column) => kept[column]),
    rows: rows.map((cells) => cells.filter((_, column) => kept[column])),
    rowsAreNamed: true,
  })
  return { id: 'chemicals', heading: 'Chemicals', blocks: [{ kind: 'table', table }] }
}
