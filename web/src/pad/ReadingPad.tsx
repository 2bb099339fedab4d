import { keysAfter, readTypedReading, unitSymbol } from '@hop-lark/core/number'
import { CornerDownLeft, Delete, Keyboard } from 'lucide-react'
import { type PointerEvent, type ReactNode, useEffect, useState } from 'react'
import { enterField, scaleOf, typeInField } from './padField.ts'
import { usePad, usePadChoice } from './usePad.ts'

const ROWS = [
  ['7', '8', '9'],
  ['4', '5', '6'],
  ['1', '2', '3'],
] as const

/** The field for a reading that has the cursor, if one has. */
function usePadField(): HTMLInputElement | undefined {
  const [field, setField] = useState<HTMLInputElement>()
  useEffect(() => {
    const look = () => {
      const now = document.activeElement
      setField(now instanceof HTMLInputElement && now.dataset.pad !== undefined ? now : undefined)
    }
    // Between two fields the cursor is nowhere for a moment.
    const later = () => setTimeout(look)
    document.addEventListener('focusin', look)
    document.addEventListener('focusout', later)
    look()
    return () => {
      document.removeEventListener('focusin', look)
      document.removeEventListener('focusout', later)
    }
  }, [])
  return field
}

/** The text of a field, followed as it changes. */
function useTextOf(field: HTMLInputElement | undefined): string {
  const [text, setText] = useState('')
  useEffect(() => {
    setText(field?.value ?? '')
    if (!field) return
    const follow = () => setText(field.value)
    field.addEventListener('input', follow)
    // What Escape, Enter or an undo leaves in the field.
    const timer = setInterval(follow, 250)
    return () => {
      field.removeEventListener('input', follow)
      clearInterval(timer)
    }
  }, [field])
  return text
}

/** Makes room under the page, so that the field can be brought above the pad. */
function useRoomFor(field: HTMLInputElement | undefined): void {
  useEffect(() => {
    if (!field) return
    document.documentElement.dataset.padOpen = ''
    field.scrollIntoView({ block: 'center' })
    return () => {
      delete document.documentElement.dataset.padOpen
    }
  }, [field])
}

/** The finger takes the key without taking the cursor out of the field. */
const stay = (event: PointerEvent) => event.preventDefault()

/**
 * Keys for wet or gloved hands, in the place of the keyboard of the device: those that can come next on the instrument that is
 * read are there to be pressed.
 */
export function ReadingPad() {
  const wanted = usePad()
  const field = usePadField()
  const text = useTextOf(field)
  const choose = usePadChoice((choice) => choice.choose)
  useRoomFor(wanted ? field : undefined)
  if (!wanted || !field) return null
  const scale = scaleOf(field)
  const typed = readTypedReading(text)
  // What is no number so far is not helped on.
  const { digits, point } = text === '' || typed.text !== undefined ? keysAfter(text.replace(',', '.'), scale) : keysAfter('', {})
  const add = (key: string) => typeInField(field, text + key)
  const digit = (key: string) => (
    <PadKey key={key} says={key} disabled={!digits.has(key)} onPress={() => add(key)}>
      {key}
    </PadKey>
  )
  return (
    <fieldset
      aria-label="Keys for a reading"
      className="page-pad fixed inset-x-0 bottom-0 z-40 border-t-2 border-ink bg-paper p-2 min-[700px]:left-auto min-[700px]:w-96 min-[700px]:border-l-2"
      onPointerDown={stay}
    >
      <p className="mb-1 flex items-center justify-between gap-2 px-1 text-sm">
        <span className="min-w-0 truncate font-semibold">
          {field.getAttribute('aria-label')}
          {scale.unit ? `, ${unitSymbol(scale.unit)}` : ''}
        </span>
        <button
          type="button"
          className="flex min-h-11 items-center gap-2 rounded-lg px-2 underline underline-offset-2"
          onClick={() => choose('off')}
        >
          <Keyboard size={18} aria-hidden="true" /> the device’s keyboard
        </button>
      </p>
      <div className="grid grid-cols-4 gap-1.5">
        {ROWS.map((row, index) => [
          ...row.map(digit),
          index === 0 ? (
            <PadKey
              key="back"
              says="Take back the last digit"
              disabled={text === ''}
              onPress={() => typeInField(field, text.slice(0, -1))}
            >
              <Delete size={26} />
            </PadKey>
          ) : index === 1 ? (
            <PadKey key="minus" says="Below nought" disabled={text !== ''} onPress={() => add('-')}>
              −
            </PadKey>
          ) : (
            <PadKey key="clear" says="Clear" disabled={text === ''} onPress={() => typeInField(field, '')}>
              C
            </PadKey>
          ),
        ])}
        {digit('0')}
        <PadKey says="Decimal point" disabled={!point} onPress={() => add('.')}>
          .
        </PadKey>
        <PadKey says="Keep it and go on" wide look="bg-hop text-sheet border-hop" onPress={() => enterField(field)}>
          <CornerDownLeft size={26} />
        </PadKey>
      </div>
    </fieldset>
  )
}

interface PadKeyProps {
  readonly says: string
  readonly disabled?: boolean
  readonly wide?: boolean
  readonly look?: string
  readonly onPress: () => void
  readonly children: ReactNode
}

function PadKey({ says, disabled = false, wide = false, look = 'bg-sheet border-rule', onPress, children }: PadKeyProps) {
  return (
    <button
      type="button"
      aria-label={says}
      aria-disabled={disabled}
      onClick={() => !disabled && onPress()}
      className={`num flex h-16 items-center justify-center rounded-xl border text-3xl font-semibold aria-disabled:opacity-30 ${wide ? 'col-span-2' : ''} ${look}`}
    >
      {children}
    </button>
  )
}
