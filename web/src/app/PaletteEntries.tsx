import { path, writePath } from '@hop-lark/core/record'
import { Command } from 'cmdk'
import { type ReactNode, Suspense } from 'react'
import { useNavigate, useParams } from 'react-router'
import { useDerived, useTask } from '../notebook/derived.ts'
import { useReference } from '../reference/useReference.ts'
import { later } from '../ui/later.tsx'
import { goTo } from './goTo.ts'
import { useTheme } from './theme.ts'
import { turnBack } from './turnBack.ts'

const GuideEntries = later(() => import('../guide/GuideEntries.tsx').then((module) => module.GuideEntries))
const ReferenceEntries = later(() => import('../reference/ReferenceEntries.tsx').then((module) => module.ReferenceEntries))

interface EntriesProps {
  readonly done: () => void
  readonly onHelp: () => void
}

/** Everything that can be found: stages, what is to be checked, materials, actions, the reference. */
export function PaletteEntries({ done, onHelp }: EntriesProps) {
  const then = (act: () => void) => () => {
    done()
    act()
  }
  return (
    <>
      <InTheTask then={then} />
      <Actions then={then} onHelp={onHelp} />
      <Group heading="How it is done">
        <Suspense fallback={null}>
          <GuideEntries done={done} item={entry} />
        </Suspense>
      </Group>
      <Group heading="Reference">
        <Suspense fallback={null}>
          <ReferenceEntries done={done} item={entry} />
        </Suspense>
      </Group>
    </>
  )
}

const entry = (value: string, onSelect: () => void, children: ReactNode) => (
  <Item key={value} value={value} onSelect={onSelect}>
    {children}
  </Item>
)

type Then = (act: () => void) => () => void

function InTheTask({ then }: { readonly then: Then }) {
  const { stages, problems } = useDerived()
  const task = useTask()
  const { taskId = '' } = useParams()
  const navigate = useNavigate()
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
    </>
  )
}

function Actions({ then, onHelp }: { readonly then: Then; readonly onHelp: () => void }) {
  const navigate = useNavigate()
  const choose = useTheme((state) => state.choose)
  const actions: readonly (readonly [says: string, words: string, act: () => void])[] = [
    ['Undo', 'undo', () => turnBack('undo', navigate)],
    ['Redo', 'redo', () => turnBack('redo', navigate)],
    ['To the shelf', 'shelf tasks', () => void navigate('/')],
    [
      'Open the reference',
      'reference reagents ions gases flames colours indicators glassware',
      () => useReference.getState().show(),
    ],
    ['List the keys', 'keys shortcuts help', onHelp],
    ['Dark theme', 'dark theme', () => choose('dark')],
    ['Light theme', 'light theme', () => choose('light')],
  ]
  return (
    <Group heading="Actions">
      {actions.map(([says, words, act]) => (
        <Item key={words} value={words} onSelect={then(act)}>
          {says}
        </Item>
      ))}
    </Group>
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
