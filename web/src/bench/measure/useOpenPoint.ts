import { Exact, isDecimalText } from '@hop-lark/core/number'
import { freshId, type PartOf } from '@hop-lark/core/record'
import { type RefObject, useRef, useState } from 'react'
import { useDraft } from '../../notebook/drafts.ts'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { foreseenX } from './nextX.ts'

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
  readonly wrong: boolean
  /** What was typed for y is the x that was foreseen: asked about before it is kept. */
  readonly meantForX: boolean
}

const tidy = (text: string) => text.trim().replace(',', '.')

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
  const [chosenX, chosenY] = [tidy(x) || (foreseen ?? ''), tidy(y)]
  const keep = () => {
    const at = new Date().toISOString()
    change('add a point', (found) => {
      const id = freshId(
        'p',
        found.points.map((point) => point.id),
      )
      found.points.push({ id, x: { value: chosenX, at }, y: { value: chosenY, at } })
    })
    setX(undefined)
    setY(undefined)
    const points = [...part.points, { id: 'next', x: { value: chosenX, at }, y: { value: chosenY, at } }]
    const next = foreseenX({ ...part, points }) === undefined ? xField : yField
    next.current?.focus()
  }
  const enterY = () => {
    if (!isDecimalText(chosenY)) return
    if (!isDecimalText(chosenX)) xField.current?.focus()
    // Typed into the wrong field by a hand that follows another order: a reading is hardly ever the x it is read at.
    else if (tidy(x) === '' && new Exact(chosenY).eq(chosenX) && !meantForX) setMeantForX(true)
    else {
      setMeantForX(false)
      keep()
    }
  }
  const enterX = () => {
    if (!isDecimalText(chosenX)) return
    if (isDecimalText(chosenY)) keep()
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
    wrong: [x, y].some((text) => text.trim() !== '' && !isDecimalText(tidy(text))),
    meantForX,
  }
}
