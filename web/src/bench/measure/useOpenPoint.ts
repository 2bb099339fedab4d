import { completedOn, Exact, meantOn, readTypedReading } from '@hop-lark/core/number'
import { entryText, freshId, type PartOf, path } from '@hop-lark/core/record'
import { type RefObject, useRef, useState } from 'react'
import { useDraft } from '../../notebook/drafts.ts'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { useLastSaid } from '../../ui/lastSaid.ts'
import { foreseenX, goesOn } from './nextX.ts'

/** One of the two fields of the point that is being taken. */
export interface OpenField {
  readonly text: string
  readonly type: (text: string) => void
  readonly enter: () => void
  /** Takes back what is typed; false where nothing is, so that the field is left. */
  readonly clear: () => boolean
  readonly field: RefObject<HTMLInputElement | null>
}

interface OpenPointState {
  readonly x: OpenField
  readonly y: OpenField
  /** The x that follows from those before, which need not be typed. */
  readonly foreseen: string | undefined
  /** What is wrong with what is typed. */
  readonly wrong: string | undefined
  /** What was typed for y is the x that was foreseen: asked about before it is kept. */
  readonly meantForX: boolean
}

/** A reading as it will be kept; undefined while there is none. */
function readingOf(text: string, { step, unit }: PartOf<'series'>['x']): string | undefined {
  const typed = text.trim() === '' ? undefined : readTypedReading(text, unit).text
  return typed === undefined ? undefined : completedOn(typed, { step })
}

const wrongWith = (text: string, { unit }: PartOf<'series'>['x']) =>
  text.trim() === '' ? undefined : readTypedReading(text, unit).wrong

/** Says what a reading that was just kept is written as, or asks what it was meant for where it lies between the marks. */
function sayOf(part: PartOf<'series'>, point: string, typed: string): void {
  const { say, drop } = useLastSaid.getState()
  const text = readTypedReading(typed, part.y.unit).text
  const meant = text === undefined ? undefined : meantOn(text, { step: part.y.step })
  const at = path('parts', part.id, 'points', point, 'y')
  if (text !== undefined && meant?.kind === 'completed') say({ at, kept: meant.text, typed: text })
  else if (text !== undefined && meant?.kind === 'asked') say({ at, kept: text, better: meant.text })
  else drop()
}

function openField(
  text: string,
  set: (text: string | undefined) => void,
  enter: () => void,
  field: RefObject<HTMLInputElement | null>,
): OpenField {
  return {
    text,
    type: (typed) => set(typed === '' ? undefined : typed),
    enter,
    clear: () => {
      set(undefined)
      return text !== ''
    },
    field,
  }
}

/**
 * The point that is being taken. Enter keeps what is typed and goes to what is missing: to x where it cannot be foreseen,
 * else straight to y.
 */
export function useOpenPoint(part: PartOf<'series'>): OpenPointState {
  const change = usePartChange(part)
  const [x = '', setX] = useDraft(`parts.${part.id}.points next x`)
  const [y = '', setY] = useDraft(`parts.${part.id}.points next y`)
  const [meantForX, setMeantForX] = useState(false)
  const [xField, yField] = [useRef<HTMLInputElement>(null), useRef<HTMLInputElement>(null)]
  const foreseen = foreseenX(part)
  const [typedX, chosenY] = [readingOf(x, part.x), readingOf(y, part.y)]
  const chosenX = x.trim() === '' ? foreseen : typedX
  const readings = part.points.map((point) => entryText(point.y))
  const keep = (xText: string, yText: string) => {
    const at = new Date().toISOString()
    const id = freshId(
      'p',
      part.points.map((point) => point.id),
    )
    change('add a point', (found) => {
      found.points.push({ id, x: { value: xText, at }, y: { value: yText, at } })
    })
    sayOf(part, id, y)
    setX(undefined)
    setY(undefined)
    const points = [...part.points, { id: 'next', x: { value: xText, at }, y: { value: yText, at } }]
    const next = foreseenX({ ...part, points }) === undefined ? xField : yField
    next.current?.focus()
  }
  const enterY = () => {
    if (chosenY === undefined) return
    if (chosenX === undefined) xField.current?.focus()
    // Typed into the wrong field by a hand that takes every point x first: what is typed next is then the reading.
    else if (typedX === undefined && new Exact(chosenY).eq(chosenX) && !meantForX && !goesOn(readings, chosenY)) {
      setMeantForX(true)
      yField.current?.select()
    } else {
      setMeantForX(false)
      keep(chosenX, chosenY)
    }
  }
  const enterX = () => {
    if (chosenX === undefined) return
    if (chosenY !== undefined) keep(chosenX, chosenY)
    else yField.current?.focus()
  }
  const typing = (set: (text: string | undefined) => void) => (text: string | undefined) => {
    setMeantForX(false)
    set(text)
  }
  return {
    x: openField(x, typing(setX), enterX, xField),
    y: openField(y, typing(setY), enterY, yField),
    foreseen,
    wrong: wrongWith(x, part.x) ?? wrongWith(y, part.y),
    meantForX,
  }
}
