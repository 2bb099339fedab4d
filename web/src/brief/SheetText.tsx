import type { MentionKind, ReadSpan, SheetReading } from '@hop-lark/core/brief'
import type { ReactNode } from 'react'

/** How what was understood is underlined: by kind, each with a line of its own, not by colour alone. */
const LINES: Readonly<Record<MentionKind, string>> = {
  label: 'border-b-2 border-hop',
  substance: 'border-b-2 border-hop',
  indicator: 'border-b-2 border-hop',
  strength: 'border-b-[3px] border-double border-lark',
  quantity: 'border-b-[3px] border-double border-lark',
  vessel: 'border-b-2 border-dashed border-glass',
  equation: 'border-b-[3px] border-ink',
}
const NOWHERE = 'border-b-2 border-dotted border-iodine bg-iodine-wash'

const LEGEND: readonly (readonly [says: string, line: string])[] = [
  ['material', LINES.label],
  ['quantity', LINES.quantity],
  ['glass', LINES.vessel],
  ['equation', LINES.equation],
  ['not read', NOWHERE],
]

interface SheetTextProps {
  readonly text: string
  readonly reading: SheetReading
  /** The sentence that is looked at in the run sheet. */
  readonly lit: { readonly from: number; readonly to: number } | undefined
}

/** The task sheet with what was understood underlined by kind; what was not is marked. */
export function SheetText({ text, reading, lit }: SheetTextProps) {
  return (
    <div>
      <p className="mb-3 flex flex-wrap gap-x-4 gap-y-1 text-sm">
        {LEGEND.map(([says, line]) => (
          <span key={says} className={line}>
            {says}
          </span>
        ))}
      </p>
      <div data-testid="sheet-text" className="leading-[1.75] break-words whitespace-pre-wrap">
        {piecesOf(text, reading, lit)}
      </div>
    </div>
  )
}

/** The text cut where a phrase or a sentence begins or ends. */
function piecesOf(text: string, { spans, notRead }: SheetReading, lit: SheetTextProps['lit']): readonly ReactNode[] {
  const shown = spans.filter(({ became, kind }) => became !== undefined || TELLING.has(kind))
  const cuts = [
    ...new Set([
      0,
      text.length,
      ...shown.flatMap(({ from, to }) => [from, to]),
      ...notRead.flatMap(({ from, to }) => [from, to]),
      ...(lit ? [lit.from, lit.to] : []),
    ]),
  ]
    .filter((at) => at >= 0 && at <= text.length)
    .toSorted((a, b) => a - b)
  return cuts.slice(1).map((to, index) => {
    const from = cuts[index] as number
    const inside = (one: { readonly from: number; readonly to: number }) => one.from <= from && one.to >= to
    const span = shown.find(inside)
    const unread = notRead.find(inside)
    return (
      <Piece key={from} span={span} unread={unread !== undefined} lit={lit !== undefined && inside(lit)}>
        {text.slice(from, to)}
      </Piece>
    )
  })
}

/** What is marked where it landed nowhere; glass that is only spoken of is not. */
const TELLING: ReadonlySet<MentionKind> = new Set(['strength', 'equation', 'label'])

interface PieceProps {
  readonly span: ReadSpan | undefined
  readonly unread: boolean
  readonly lit: boolean
  readonly children: string
}

function Piece({ span, unread, lit, children }: PieceProps) {
  const line = span ? (span.became === undefined ? NOWHERE : LINES[span.kind]) : unread ? NOWHERE : ''
  const back = lit ? 'bg-lark-wash' : ''
  if (line === '' && back === '') return children
  return (
    <span className={`${line} ${back}`} title={span ? (span.became ?? 'this landed nowhere') : unread ? 'not read' : undefined}>
      {children}
    </span>
  )
}
