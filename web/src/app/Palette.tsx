import { path, writePath } from '@hop-lark/core/record'
import { Command } from 'cmdk'
import { Dialog as Radix } from 'radix-ui'
import { type ReactNode, Suspense } from 'react'
import { useNavigate, useParams } from 'react-router'
import { useDerived, useTask } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'
import { useReference } from '../reference/useReference.ts'
import { later } from '../ui/later.tsx'
import { goTo } from './goTo.ts'
import { useTheme } from './theme.ts'

const ReferenceEntries = later(() => import('../reference/ReferenceEntries.tsx').then((module) => module.ReferenceEntries))

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
              <Entries done={() => onOpenChange(false)} onHelp={onHelp} />
            </Command.List>
          </Command>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  )
}

function Entries({ done, onHelp }: { readonly done: () => void; readonly onHelp: () => void }) {
  const { stages, problems } = useDerived()
  const task = useTask()
  const { taskId = '' } = useParams()
  const navigate = useNavigate()
  const { undo, redo } = useNotebook.getState()
  const choose = useTheme((state) => state.choose)
  const then = (act: () => void) => () => {
    done()
    act()
  }
  return (
    <>
      <Group heading="Stages">
        {stages.map(({ id, title, figure }) => (
          <Item key={id} value={`${title} ${id}`} onSelect={then(() => void navigate(`/task/${taskId}/${id}`))}>
            {title} <span className="num ml-auto text-sm text-ink-soft">{figure}</span>
          </Item>
        ))}
      </Group>
      {problems.length > 0 && (
        <Group heading="To check">
          {problems.map(({ at, code, says }) => (
            <Item
              key={`${code}${writePath(at)}`}
              value={`${says} ${writePath(at)}`}
              onSelect={then(() => goTo({ at, taskId, stages, navigate }))}
            >
              {says}
            </Item>
          ))}
        </Group>
      )}
      <Group heading="Materials">
        {task.materials.map(({ id, label, solute }) => (
          <Item
            key={id}
            value={`${label} ${solute ?? ''} ${id}`}
            onSelect={then(() => goTo({ at: path('materials', id), taskId, stages, navigate }))}
          >
            {label} <span className="ml-auto text-sm text-ink-soft">{solute}</span>
          </Item>
        ))}
      </Group>
      <Group heading="Actions">
        <Item value="undo" onSelect={then(undo)}>
          Undo
        </Item>
        <Item value="redo" onSelect={then(redo)}>
          Redo
        </Item>
        <Item value="shelf tasks" onSelect={then(() => void navigate('/'))}>
          To the shelf
        </Item>
        <Item
          value="reference reagents ions gases flames colours indicators glassware"
          onSelect={then(() => useReference.getState().show())}
        >
          Open the reference
        </Item>
        <Item value="keys shortcuts help" onSelect={then(onHelp)}>
          List the keys
        </Item>
        <Item value="dark theme" onSelect={then(() => choose('dark'))}>
          Dark theme
        </Item>
        <Item value="light theme" onSelect={then(() => choose('light'))}>
          Light theme
        </Item>
      </Group>
      <Group heading="Reference">
        <Suspense fallback={null}>
          <ReferenceEntries
            done={done}
            item={(value, onSelect, children) => (
              <Item key={value} value={value} onSelect={onSelect}>
                {children}
              </Item>
            )}
          />
        </Suspense>
      </Group>
    </>
  )
}

function Group({ heading, children }: { readonly heading: string; readonly children: ReactNode }) {
  return (
    <Command.Group
      heading={heading}
      className="[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-3 [&_[cmdk-group-heading]]:pb-1 [&_[cmdk-group-heading]]:text-xs [&_[cmdk-group-heading]]:font-bold [&_[cmdk-group-heading]]:text-lark [&_[cmdk-group-heading]]:uppercase"
    >
      {children}
    </Command.Group>
  )
}

function Item({
  value,
  onSelect,
  children,
}: {
  readonly value: string
  readonly onSelect: () => void
  readonly children: ReactNode
}) {
  return (
    <Command.Item
      value={value}
      onSelect={onSelect}
      className="flex min-h-10 cursor-pointer items-center gap-3 rounded-lg px-3 data-[selected=true]:bg-hop-wash"
    >
      {children}
    </Command.Item>
  )
}
