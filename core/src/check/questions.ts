import type { Problem } from '../problem/index.ts'
import { type FindOf, isOfSeries, type Path, path, type Question, type Task } from '../record/index.ts'
import { recordProblem } from './says.ts'

/** Something a question names, and what there is of its kind. */
interface Named {
  readonly at: Path
  readonly id: string
  readonly kind: 'material' | 'titration' | 'series' | 'place' | 'question' | 'unknown'
}

/** The answer or the unknown that a place on an axis is taken from. */
function placeOnAxis(find: FindOf<'yAt' | 'xAt'>, at: (...fields: readonly string[]) => Path): readonly Named[] {
  const [field, place] = find.quantity === 'yAt' ? (['x', find.x] as const) : (['y', find.y] as const)
  if (typeof place === 'string') return []
  if ('unknown' in place) return [{ at: at(field, 'unknown'), id: place.unknown, kind: 'unknown' }]
  return 'answer' in place ? [{ at: at(field, 'answer'), id: place.answer, kind: 'question' }] : []
}

/** The answers that something is worked with, by name. */
function answersIn(worked: FindOf<'sum'>['with'], at: (name: string) => Path): readonly Named[] {
  return Object.entries(worked ?? {}).flatMap(([name, one]) =>
    typeof one === 'object' && 'answer' in one ? [{ at: at(name), id: one.answer, kind: 'question' as const }] : [],
  )
}

function namedBy({ id: question, find }: Question): readonly Named[] {
  const at = (...fields: readonly string[]) => path('questions', question, 'find', ...fields)
  switch (find.quantity) {
    case 'percentError':
      return [{ at: at('answer'), id: find.answer, kind: 'question' }]
    case 'sum':
      return answersIn(find.with, (name) => at('with', name, 'answer'))
    case 'equilibriumConstant':
      return (['start', 'at'] as const).flatMap((when) => answersIn(find[when], (name) => at(when, name, 'answer')))
    case 'yAt':
    case 'xAt':
      return [{ at: at('in'), id: find.in, kind: 'series' }, ...placeOnAxis(find, at)]
    case 'molarMass':
      return [{ at: at('of'), id: find.of, kind: 'material' }]
    case 'massToWeigh':
    case 'words':
      return []
    case 'mass':
    case 'amount':
      return [{ at: at('in'), id: find.in, kind: 'place' }]
    default: {
      const kind = find.quantity === 'meanTitre' ? 'titration' : isOfSeries(find.quantity) ? 'series' : 'material'
      return [{ at: at('in'), id: find.in, kind }]
    }
  }
}

function known(task: Task, kind: Named['kind']): readonly string[] {
  const parts = (...kinds: readonly string[]) => task.parts.filter((part) => kinds.includes(part.kind)).map(({ id }) => id)
  const materials = task.materials.map(({ id }) => id)
  switch (kind) {
    case 'material':
      return materials
    case 'unknown':
      return task.parts.flatMap((part) => (part.kind === 'series' ? (part.unknowns ?? []).map(({ id }) => id) : []))
    case 'question':
      return task.questions.map(({ id }) => id)
    case 'place':
      return [
        ...materials,
        ...parts('weighing', 'heating'),
        ...parts('titration').flatMap((id) => [`${id}/flask`, `${id}/titre`, `${id}/before`]),
      ]
    default:
      return parts(kind)
  }
}

/** Questions about what is not in the record, or about themselves. */
export function checkQuestions(task: Task): readonly Problem[] {
  return task.questions.flatMap((question) =>
    namedBy(question).flatMap(({ at, id, kind }): Problem[] => {
      if (kind === 'question' && id === question.id) return [recordProblem('question.ofItself', at, {})]
      const there = known(task, kind)
      return there.includes(id) ? [] : [recordProblem('question.nothingThere', at, { id, there: there.join(', ') || 'none yet' })]
    }),
  )
}
