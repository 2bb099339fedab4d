import { GAS_TESTS } from '@hop-lark/core/gas'
import { ChevronDown } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import { memo, useRef } from 'react'

const ITEM = 'cursor-pointer rounded-md px-3 py-1.5 outline-none data-[highlighted]:bg-hair'
const BUTTON =
  'inline-flex min-h-8 items-center gap-1 rounded-lg border border-rule bg-sheet px-2.5 text-[0.9rem] hover:border-ink-soft'

/** Acts that are done over and over, ready for the line. */
const OFTEN = ['NaOH, drops', 'NaOH to excess', 'warm, damp red litmus', 'flame test'] as const
const OFTEN_WITH_LIQUIDS = [
  'bromine water',
  'sodium carbonate',
  'shake with water',
  'warm in hot water',
  'smell, by wafting',
] as const
const PAPERS = ['red litmus paper', 'blue litmus paper', 'universal indicator paper'] as const

interface QuickRecordsProps {
  /** Whether the sample is called a liquid, not a solution. */
  readonly isLiquid: boolean
  readonly onDid: (did: string) => void
}

/** Quick records: a gas test, a flame, litmus, without typing what was done. */
export const QuickRecords = memo(function QuickRecords({ isLiquid, onDid }: QuickRecordsProps) {
  return (
    <fieldset className="flex flex-wrap items-center gap-1.5" aria-label="Often done">
      <Choices
        says="Gas test"
        choices={GAS_TESTS.map(({ test }) => test)}
        onChoose={(test) => onDid(test === 'smell' ? 'smell, by wafting' : `gas: ${test}`)}
      />
      <Choices says="Paper" choices={PAPERS} onChoose={onDid} />
      {(isLiquid ? OFTEN_WITH_LIQUIDS : OFTEN).map((did) => (
        <button key={did} type="button" className={BUTTON} onClick={() => onDid(did)}>
          {did}
        </button>
      ))}
    </fieldset>
  )
})

interface ChoicesProps {
  readonly says: string
  readonly choices: readonly string[]
  readonly onChoose: (choice: string) => void
}

function Choices({ says, choices, onChoose }: ChoicesProps) {
  const chosen = useRef(false)
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className={BUTTON}>
        {says} <ChevronDown size={14} aria-hidden="true" />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          className="z-50 rounded-xl border border-rule bg-sheet p-1.5"
          // What was chosen stands in the line, and so must the cursor.
          onCloseAutoFocus={(event) => {
            if (chosen.current) event.preventDefault()
            chosen.current = false
          }}
        >
          {choices.map((choice) => (
            <DropdownMenu.Item
              key={choice}
              className={ITEM}
              onSelect={() => {
                chosen.current = true
                onChoose(choice)
              }}
            >
              {choice}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}
