import { Command } from 'cmdk'
import { Dialog as Radix } from 'radix-ui'
import { useRef } from 'react'
import { findByWords } from './findByWords.ts'
import { PaletteEntries } from './PaletteEntries.tsx'

interface PaletteProps {
  readonly open: boolean
  readonly onOpenChange: (open: boolean) => void
}

/** Every action, stage, material and problem, found by typing: a label as it is stuck on a bottle, with a line to write on. */
export function Palette({ open, onOpenChange }: PaletteProps) {
  const chosen = useRef<() => void>(undefined)
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-black/45" />
        <Radix.Content
          aria-describedby={undefined}
          // What is chosen may put the cursor somewhere, so it is done after the cursor is back where it was.
          onCloseAutoFocus={() => {
            const act = chosen.current
            chosen.current = undefined
            if (act) queueMicrotask(act)
          }}
          className="fixed top-[9vh] left-1/2 z-50 w-[calc(100vw-1.5rem)] max-w-xl -translate-x-1/2 border-2 border-hop bg-sheet p-1"
        >
          <div className="border border-hop px-4 pt-4 pb-2">
            <Radix.Title className="font-title text-lg leading-none font-bold">What do you need?</Radix.Title>
            <Command label="What do you need?" loop filter={findByWords}>
              <Command.Input
                placeholder="new run, undo, print, a reagent, a stage …"
                className="w-full border-b-[1.5px] border-ink bg-transparent py-2 text-xl outline-none placeholder:text-base placeholder:text-ink-soft"
              />
              <Command.List className="max-h-[55vh] overflow-auto py-1">
                <Command.Empty className="p-4 text-ink-soft">Nothing by that name here.</Command.Empty>
                <PaletteEntries
                  done={() => onOpenChange(false)}
                  onChoose={(act) => {
                    chosen.current = act
                    onOpenChange(false)
                  }}
                />
              </Command.List>
            </Command>
          </div>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  )
}
