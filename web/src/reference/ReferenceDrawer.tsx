import { X } from 'lucide-react'
import { Dialog as Radix, Tabs } from 'radix-ui'
import type { ReactNode } from 'react'
import { ColourShelf } from './ColourShelf.tsx'
import { FlameShelf } from './FlameShelf.tsx'
import { GasShelf } from './GasShelf.tsx'
import { GlasswareShelf } from './GlasswareShelf.tsx'
import { IndicatorShelf } from './IndicatorShelf.tsx'
import { IonShelf } from './IonShelf.tsx'
import { ReagentShelf } from './ReagentShelf.tsx'
import { type Shelf, useReference } from './useReference.ts'

const SHELVES: readonly (readonly [shelf: Shelf, title: string, content: (sought: string) => ReactNode])[] = [
  ['reagents', 'Reagents', (sought) => <ReagentShelf sought={sought} />],
  ['ions', 'Ions', (sought) => <IonShelf sought={sought} />],
  ['gases', 'Gases', (sought) => <GasShelf sought={sought} />],
  ['flames', 'Flames', (sought) => <FlameShelf sought={sought} />],
  ['colours', 'Colours', (sought) => <ColourShelf sought={sought} />],
  ['indicators', 'Indicators', (sought) => <IndicatorShelf sought={sought} />],
  ['glassware', 'Glassware', (sought) => <GlasswareShelf sought={sought} />],
]

/** What one looks up at the bench, in a drawer beside the page. */
export function ReferenceDrawer() {
  const { open, shelf, sought, show, seek, close } = useReference()
  return (
    <Radix.Root open={open} onOpenChange={(wanted) => !wanted && close()}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-black/30" />
        <Radix.Content
          aria-describedby={undefined}
          className="fixed inset-y-0 right-0 z-50 flex w-[min(36rem,100vw)] flex-col border-l border-rule bg-sheet"
        >
          <div className="flex items-center gap-3 px-5 pt-4 pb-2">
            <Radix.Title className="text-2xl font-bold">Reference</Radix.Title>
            <input
              aria-label="Look for"
              value={sought}
              placeholder="look for a name or formula"
              onChange={(event) => seek(event.target.value)}
              className="min-h-9 min-w-0 flex-1 rounded-lg border border-rule bg-sheet px-3 placeholder:text-ink-soft"
            />
            <Radix.Close aria-label="Close" className="rounded p-2 hover:bg-hair">
              <X size={18} />
            </Radix.Close>
          </div>
          <Tabs.Root
            value={shelf}
            onValueChange={(chosen) => show(chosen as Shelf, sought)}
            className="flex min-h-0 flex-1 flex-col"
          >
            <Tabs.List aria-label="Shelves" className="flex flex-wrap gap-1 border-b border-rule px-4">
              {SHELVES.map(([name, title]) => (
                <Tabs.Trigger
                  key={name}
                  value={name}
                  className="min-h-9 border-b-3 border-transparent px-2 font-semibold text-ink-soft data-[state=active]:border-hop data-[state=active]:text-ink"
                >
                  {title}
                </Tabs.Trigger>
              ))}
            </Tabs.List>
            {SHELVES.map(([name, , content]) => (
              <Tabs.Content key={name} value={name} className="min-h-0 flex-1 overflow-y-auto px-5 py-3">
                {content(sought.trim().toLowerCase())}
              </Tabs.Content>
            ))}
          </Tabs.Root>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  )
}
