import { laneSentence, readChromatogram } from '../../chromatogram/index.ts'
import { asSentence } from '../../problem/index.ts'
import type { Topic } from '../answer.ts'
import { point, way } from '../points.ts'

const pencil: Topic = {
  topic: 'why a pencil line',
  asked: /why .*pencil/i,
  ways: ({ task }) =>
    task.parts.some(({ kind }) => kind === 'chromatogram')
      ? [
          way(
            'Pencil does not dissolve in the solvent; ink would run with it and make spots of its own.',
            point('pencil does not dissolve', 'not dissolve|insoluble|does not (?:run|move)|graphite|carbon'),
            point('ink would run', 'ink|run|spots?|smudge|dissolve'),
          ),
        ]
      : [],
}

const lanes: Topic = {
  topic: 'what is in each',
  asked: /\b(?:which|what)\b.*\b(?:dyes?|inks?|substances?|references?|standards?|amino acids?|components?|pigments?)\b/i,
  ways: ({ task }) => {
    const said = task.parts.flatMap((part) =>
      part.kind === 'chromatogram' ? readChromatogram(part).lanes.flatMap((lane) => ({ lane, says: laneSentence(lane) })) : [],
    )
    const known = said.filter(({ says }) => says !== undefined)
    if (known.length === 0) return []
    const matched = [...new Set(known.flatMap(({ lane }) => lane.spots.flatMap(({ matches }) => matches)))]
    return [
      way(
        known.map(({ says = '' }) => asSentence(says)).join(' '),
        ...matched.map((one) => point(one, one.replace(/[.*+?^${}()|[\]\\\s]/g, '.'))),
      ),
    ]
  },
}

const rf: Topic = {
  topic: 'Rf of every spot',
  asked: /\bRf\b|\bretention factors?\b/i,
  ways: ({ task }) => {
    const spots = task.parts.flatMap((part) => (part.kind === 'chromatogram' ? readChromatogram(part).spots : []))
    const measured = spots.flatMap(({ label, rf: found }) => (found ? [{ label, text: found.text }] : []))
    if (measured.length === 0) return []
    const says = `Rf is the distance of the spot divided by that of the solvent front: ${measured.map(({ label, text }) => `${label} ${text}`).join('; ')}.`
    return [way(says, ...measured.map(({ label, text }) => point(`${label}: ${text}`, text.replace('.', '[.,]'))))]
  },
}

const constantMass: Topic = {
  topic: 'why heated to constant mass',
  asked: /why .*\b(?:heated again|constant mass|heated,? (?:cooled )?and (?:re)?weighed|reheated)\b/i,
  ways: ({ task }) =>
    task.parts.some(({ kind }) => kind === 'heating')
      ? [
          way(
            'So that all of what heat drives off is gone: when the mass no longer changes, nothing more comes off.',
            point('all of it is driven off', 'all|complete|fully|everything|no more'),
          ),
        ]
      : [],
}

/** Questions about papers and heating. */
export const OTHERS: readonly Topic[] = [pencil, rf, lanes, constantMass]
