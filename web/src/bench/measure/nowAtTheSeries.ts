import type { SeriesReading } from '@hop-lark/core/curve'
import { unitSymbol } from '@hop-lark/core/number'
import { entryText, type PartOf } from '@hop-lark/core/record'
import type { Now } from '../../margin/Margin.tsx'
import { foreseenX } from './nextX.ts'

/** What can go wrong with what a series is read from. */
function careOf({ x, y }: PartOf<'series'>): string {
  const about = `${x.name} ${y.name}`.toLowerCase()
  if (`${x.unit} ${y.unit}`.includes('°')) return 'Stir with the rod, not the thermometer: it breaks. '
  if (about.includes('gas')) return 'Gas must have a way out: a blocked tube or a stuck plunger bursts the joint. '
  return about.includes('ph') ? 'The probe’s glass bulb is thin: stir without touching it, and keep it wet. ' : ''
}

/** The next point to take, or the one to look at again, in words. */
export function nowAtTheSeries(part: PartOf<'series'>, { points, places, doubtful, twoLines }: SeriesReading): Now {
  const caution = `Eye protection. ${careOf(part)}Follow your laboratory’s rules and your supervisor.`
  const [suspect] = doubtful
  if (suspect !== undefined) {
    const { x, y } = part.points[places[suspect] ?? suspect] ?? { x: '', y: '' }
    return {
      title: 'Look at the ringed point again.',
      says: `${entryText(y)} at ${entryText(x)} does not fit the line through the others. Read it again if you can; keep what you saw.`,
      caution,
    }
  }
  const turn =
    part.reading === 'two-lines' && points.length > 0 && !twoLines
      ? ' Go on past the turn: two lines need two points on each side of where they cross.'
      : ''
  const foreseen = foreseenX(part)
  const [set, read] = [part.x.name.trim() || 'value you set', part.y.name.trim() || 'reading']
  if (foreseen !== undefined)
    return {
      title: `At ${foreseen} ${unitSymbol(part.x.unit)}: what is the ${read}?`,
      says: `Type what you read, Enter. Another ${set} than ${foreseen} is typed in its own cell.${turn}`,
      caution,
    }
  return {
    title: points.length === 0 ? 'Enter the first point.' : 'Enter the next point.',
    says: `Type the ${set}, Enter, the ${read}, Enter.${turn}`,
    caution,
  }
}
