import { path, writePath } from '@hop-lark/core/record'
import { Command } from 'cmdk'
import { type ReactNode, Suspense } from 'react'
import { useNavigate, useParams } from 'react-router'
import { ACTS_OF_STAGE, actThere } from '../keys/actsElsewhere.ts'
import { KeyOf } from '../keys/KeyHint.tsx'
import { usePageActions } from '../keys/pageActions.ts'
import { useDerived, useTask } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'
import { later } from '../ui/later.tsx'
import { goTo } from './goTo.ts'
import { useTheme } from './theme.ts'

const GuideEntries = later(() => import('../guide/GuideEntries.tsx').then((module) => module.GuideEntries))
const ReferenceEntries = later(() => import('../reference/ReferenceEntries.tsx').then((module) => module.ReferenceEntries))

interface PaletteEntriesProps {
  /** Closes the palette. */
  readonly done: () => void
  /** Closes it and does what was chosen. */
  readonly onChoose: (act: () => void) => void
}

/** Everything that can be found: what can be done here and elsewhere, stages, what is to be checked, materials, the reference. */
export function PaletteEntries({ done, onChoose }: PaletteEntriesProps) {
  const then: Then = (act) => () => onChoose(act)
  const inTask = useNotebook(({ task }) => task !== undefined)
  return (
    <>
      <Here then={then} />
      {inTask && <InTheTask then={then} />}
      <Always then={then} />
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

/** What can be done where the student is, as the page tells it. */
function Here({ then }: { readonly then: Then }) {
  const actions = usePageActions((state) => state.actions)
  return (
    <Group heading="Here">
      {Object.entries(actions)
        .filter(([, { key }]) => key !== 'palette')
        .map(([id, { says, words = '', key, act }]) => (
          <Item key={id} value={`${says} ${words}`} onSelect={then(act)}>
            {says}
            {key && (
              <span className="ml-auto">
                <KeyOf action={key} />
              </span>
            )}
          </Item>
        ))}
    </Group>
  )
}

function InTheTask({ then }: { readonly then: Then }) {
  const { stages, problems } = useDerived()
  const task = useTask()
  const { taskId = '', stageId } = useParams()
  const navigate = useNavigate()
  const addressOf = (stage: string) => `/task/${taskId}/${stage}`
  return (
    <>
      <Group heading="Stages">
        {stages.map(({ id, title, figure }) => (
          <Item key={id} value={`${title} ${id}`} onSelect={then(() => void navigate(addressOf(id)))}>
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
      <Group heading="On other pages">
        {stages
          .filter(({ id }) => id !== stageId)
          .flatMap(({ id, kind, title }) =>
            (ACTS_OF_STAGE[kind] ?? []).map((says) => (
              <Item
                key={`${id} ${says}`}
                value={`${says} ${title} ${id}`}
                onSelect={then(() => actThere(navigate, addressOf(id), says))}
              >
                {says} <span className="ml-auto text-sm text-ink-soft">{title}</span>
              </Item>
            )),
          )}
      </Group>
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

/** What can be done from anywhere. */
function Always({ then }: { readonly then: Then }) {
  const navigate = useNavigate()
  const choose = useTheme((state) => state.choose)
  const actions: readonly (readonly [says: string, words: string, act: () => void])[] = [
    ['To the shelf', 'shelf tasks home', () => void navigate('/')],
    ['Dark theme', 'dark theme night', () => choose('dark')],
    ['Light theme', 'light theme day', () => choose('light')],
    ['Light or dark as the device', 'theme device', () => choose('device')],
  ]
  return (
    <Group heading="Always">
      {actions.map(([says, words, act]) => (
        <Item key={words} value={`${says} ${words}`} onSelect={then(act)}>
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
      className="flex min-h-10 cursor-pointer items-center gap-3 border-l-3 border-transparent px-3 data-[selected=true]:border-hop data-[selected=true]:bg-hop-wash"
    >
      {children}
    </Command.Item>
  )
}
