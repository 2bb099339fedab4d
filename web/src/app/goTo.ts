import type { Stage } from '@hop-lark/core/stages'
import type { NavigateFunction } from 'react-router'
import { rackKey, usePlace } from '../bench/tubes/place.ts'
import { reveal } from './reveal.ts'

/** The stage on whose page a path of the record is shown. */
export function stageOf(at: string, stages: readonly Stage[]): string {
  const [list = '', id = ''] = at.split('.')
  if (list === 'parts') return stages.find(({ parts }) => parts.includes(id))?.id ?? 'brief'
  if (list === 'questions') return 'work-out'
  // A step of a rack is named by its part, tube and number: r1.P1.3.
  return stages.find(({ parts }) => parts.includes(list))?.id ?? 'brief'
}

const isDrawn = (at: string) => document.querySelector(`[data-at="${CSS.escape(at)}"]`) !== null

/**
 * Puts the cursor into the cell of a path: the cell itself, which is drawn first where it is out of sight; else the nearest
 * thing above it that is on the page.
 */
export function focusAt(at: string): boolean {
  if (!isDrawn(at) && reveal(at)) {
    focusWhenDrawn(at)
    return true
  }
  return focusNearest(at)
}

function focusNearest(at: string): boolean {
  for (let path = at; path !== ''; path = path.slice(0, Math.max(0, path.lastIndexOf('.')))) {
    const cell = document.querySelector<HTMLElement>(`[data-at="${CSS.escape(path)}"]`)
    if (cell) {
      cell.scrollIntoView({ block: 'nearest' })
      cell.focus()
      return true
    }
  }
  return false
}

interface Going {
  readonly at: string
  readonly taskId: string
  readonly stages: readonly Stage[]
  readonly navigate: NavigateFunction
}

/** About a second: by then the page of another stage has been drawn. */
const MOST_FRAMES = 60

/** Puts the cursor into a cell as soon as it is on the page; failing that, into the nearest thing above it. */
function focusWhenDrawn(at: string, frames = MOST_FRAMES): void {
  requestAnimationFrame(() => {
    if (frames === MOST_FRAMES && !isDrawn(at)) reveal(at)
    if (isDrawn(at) || frames === 0) focusNearest(at)
    else focusWhenDrawn(at, frames - 1)
  })
}

/** Goes to the page of a path and into its cell. */
export function goTo({ at, taskId, stages, navigate }: Going): void {
  const there = `/task/${taskId}/${stageOf(at, stages)}`
  const [rack = '', tube] = at.split('.')
  if (tube !== undefined) usePlace.getState().show(rackKey(taskId, rack), tube)
  if (window.location.pathname !== there) void navigate(there)
  focusWhenDrawn(at)
}
