import type { Draft } from '../draft/Draft.ts'

const LONGEST = 70
const STOPS = /[.:;?!]$/

/** What a task is called: the heading of its sheet, or what is done in it. */
export function titleOf(draft: Draft): string {
  const [first] = draft.reads
  const text = first?.sentence.text ?? ''
  const isHeading =
    first !== undefined &&
    text.length <= LONGEST &&
    !STOPS.test(text) &&
    first.sentence.cell === undefined &&
    first.sentence.opens
  if (isHeading && /[a-zA-Z]{3}/.test(text))
    return text === text.toUpperCase() ? text.charAt(0) + text.slice(1).toLowerCase() : text
  return doneIn(draft)
}

function doneIn(draft: Draft): string {
  const [titration] = draft.of('titration')
  if (titration?.burette !== undefined) return `Titration with ${titration.burette}`
  const [heating] = draft.of('heating')
  if (heating?.of !== undefined) return `Heating ${heating.of}`
  const [series] = draft.of('series')
  if (series) return `${series.y.name.charAt(0).toUpperCase()}${series.y.name.slice(1)} by ${series.x.name}`
  const [rack] = draft.of('rack')
  if (rack) return `Tests on ${rack.samples.map(({ material }) => material).join(', ')}`
  return draft.of('chromatogram').length > 0 ? 'Chromatogram' : 'Task sheet'
}

const MINUTES =
  /\b(?:time(?: allowed)?|you have|allow(?:ed)?|duration)[:\s]+(?:about )?(?:(\d(?:\.\d)?) ?(?:h|hours?|hrs?)\b)?(?:\s*(?:and )?(\d{1,3}) ?(?:min|minutes)\b)?/i

/** Minutes that a sheet allows. */
export function minutesOf(words: string): number | undefined {
  const match = MINUTES.exec(words)
  const minutes = Number(match?.[1] ?? 0) * 60 + Number(match?.[2] ?? 0)
  return minutes > 0 ? minutes : undefined
}
