import { Command } from 'cmdk'
import { Dialog as Radix } from 'radix-ui'
import { PaletteEntries } from './PaletteEntries.tsx'

interface PaletteProps {
  readonly open: boolean
  readonly onOpenChange: (open: boolean) => void
  readonly onHelp: () => void
}

/** Every action, stage, material and problem, found by typing. */
export function Palette({ open, onOpenChange, onHelp }: PaletteProps) {
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-black/45" />
        <Radix.Content
          aria-describedby={undefined}
          className="fixed top-[12vh] left-1/2 z-50 w-[calc(100vw-2rem)] max-w-xl -translate-x-1/2 overflow-hidden rounded-2xl border border-rule bg-sheet"
        >
          <Radix.Title className="sr-only">Find anything</Radix.Title>
          <Command label="Find anything" loop>
            <Command.Input
              placeholder="Type a stage, an action, a material …"
              className="w-full border-b border-rule bg-transparent px-5 py-4 text-lg outline-none placeholder:text-ink-soft"
            />
            <Command.List className="max-h-[50vh] overflow-auto p-2">
              <Command.Empty className="p-4 text-ink-soft">Nothing by that name here.</Command.Empty>
              <PaletteEntries done={() => onOpenChange(false)} onHelp={onHelp} />
            </Command.List>
          </Command>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  )
}
