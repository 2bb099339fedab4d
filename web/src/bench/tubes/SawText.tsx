import { type Observation, type ObservedFact, sayAll } from '@hop-lark/core/observe'
import { CHEMICAL_COLOURS, type ChemicalColour } from '@hop-lark/core/palette'
import { Fragment } from 'react'

/** The colour that a fact names, or undefined. */
function colourOf(fact: ObservedFact): ChemicalColour | undefined {
  switch (fact.kind) {
    case 'not':
    case 'pH':
      return undefined
    default:
      return 'colour' in fact ? fact.colour : 'to' in fact ? fact.to : 'giving' in fact ? fact.giving : undefined
  }
}

/** A piece of what was written: understood as a fact, not understood, or between. */
interface Piece {
  readonly text: string
  readonly kind: 'understood' | 'doubtful' | 'plain'
  readonly colour?: ChemicalColour | undefined
}

/** What was written, cut where facts were read in it. */
export function piecesOf(text: string, { facts, notUnderstood }: Observation): readonly Piece[] {
  const strange = notUnderstood.map(({ span }) => ({ span, kind: 'doubtful' as const, colour: undefined }))
  // A word that is not known may stand within what was understood.
  const understood = facts.flatMap(({ fact, span }) => {
    const inside = strange.filter((one) => one.span[0] >= span[0] && one.span[1] <= span[1])
    const ends = [span[0], ...inside.flatMap((one) => one.span), span[1]]
    return ends.flatMap((from, index) =>
      index % 2 === 0
        ? [
            {
              span: [from, ends[index + 1] ?? from] as const,
              kind: 'understood' as const,
              colour: index === 0 ? colourOf(fact) : undefined,
            },
          ]
        : [],
    )
  })
  const marks = [...understood, ...strange].toSorted((a, b) => a.span[0] - b.span[0])
  const pieces: Piece[] = []
  let from = 0
  for (const { span, kind, colour } of marks) {
    // Two facts of the same words show once.
    if (span[1] <= from) continue
    const start = Math.max(span[0], from)
    if (start > from) pieces.push({ text: text.slice(from, start), kind: 'plain' })
    pieces.push({ text: text.slice(start, span[1]), kind, colour })
    from = span[1]
  }
  if (from < text.length) pieces.push({ text: text.slice(from), kind: 'plain' })
  return pieces
}

const LOOKS = {
  understood: 'border-b-2 border-hop',
  doubtful: 'border-b-2 border-dotted border-iodine',
  plain: '',
} as const

/** What was seen, with what was understood of it underlined and its colours shown. */
export function SawText({ text, observation }: { readonly text: string; readonly observation: Observation }) {
  const understood = sayAll(observation.facts.map(({ fact }) => fact))
  return (
    <span title={understood === '' ? undefined : `read as: ${understood}`}>
      {piecesOf(text, observation).map(({ text: piece, kind, colour }, index) => (
        <Fragment key={`${index}${piece}`}>
          {kind === 'plain' ? (
            piece
          ) : (
            <span className={LOOKS[kind]} title={kind === 'doubtful' ? 'not understood' : undefined}>
              {colour && (
                <span
                  aria-hidden="true"
                  className="mr-1 inline-block size-3 translate-y-px rounded-[3px] border border-glass"
                  style={{ background: CHEMICAL_COLOURS[colour] }}
                />
              )}
              {piece}
            </span>
          )}
        </Fragment>
      ))}
    </span>
  )
}
