import type { Path } from '@hop-lark/core/record'
import type { Stage } from '@hop-lark/core/stages'
import type { NavigateFunction } from 'react-router'
import { rackKey, usePlace } from '../bench/tubes/place.ts'
import { cellAt } from './cellAt.ts'
import { reveal } from './reveal.ts'

/** The stage on whose page a path of the record is shown. */
export function stageOf(at: Path, stages: readonly Stage[]): string {
  const [list, id = ''] = at
  if (list === 'questions') return 'work-out'
  if (list === 'writeup') return 'write-up'
  return (list === 'parts' ? stages.find(({ parts }) => parts.includes(id))?.id : undefined) ?? 'brief'
}

const isDrawn = (at: Path) => cellAt(at) !== null

/**
 * Puts the cursor into the cell of a path: the cell itself, which is drawn first where it is out of sight; else the nearest
 * thing above it that is on the page.
 */
export function focusAt(at: Path): boolean {
  if (!isDrawn(at) && reveal(at)) {
    focusWhenDrawn(at)
    return true
  }
  return focusNearest(at)
}

function focusNearest(at: Path): boolean {
  for (let length = at.length; length > 0; length--) {
    const cell = cellAt(at.slice(0, length))
    if (cell) {
      cell.scrollIntoView({ block: 'nearest' })
      cell.focus()
      return true
    }
  }
  return false
}

interface Going {
  readonly at: Path
  readonly taskId: string
  readonly stages: readonly Stage[]
  readonly navigate: NavigateFunction
}

/** About a second: by then the page of another stage has been drawn. */
const MOST_FRAMES = 60

/** Puts the cursor into a cell as soon as it is on the page; failing that, into the nearest thing above it. */
function focusWhenDrawn(at: Path, frames = MOST_FRAMES): void {
  requestAnimationFrame(() => {
    if (frames === MOST_FRAMES && !isDrawn(at)) reveal(at)
    if (isDrawn(at) || frames === 0) focusNearest(at)
    else focusWhenDrawn(at, frames - 1)
  })
}

/** Goes to the page of a path and into its cell. */
export function goTo({ at, taskId, stages, navigate }: Going): void {
  const there = `/task/${taskId}/${stageOf(at, stages)}`
  const [, rack = '', , , inSample, tube] = at
  if (inSample === 'tubes' && tube !== undefined) usePlace.getState().show(rackKey(taskId, rack), tube)
  if (window.location.pathname !== there) void navigate(there)
  focusWhenDrawn(at)
}
