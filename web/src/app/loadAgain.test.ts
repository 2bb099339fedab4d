import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { loadAgain } from './loadAgain.ts'

const reload = vi.fn()

beforeEach(() => {
  vi.useFakeTimers({ now: 1_000_000 })
  vi.spyOn(window.location, 'reload').mockImplementation(reload)
})

afterEach(() => {
  vi.useRealTimers()
  vi.restoreAllMocks()
  reload.mockClear()
  sessionStorage.clear()
})

it('loads the page once, and again only after a while', () => {
  loadAgain()
  loadAgain()
  expect(reload).toHaveBeenCalledTimes(1)
  vi.setSystemTime(1_061_000)
  loadAgain()
  expect(reload).toHaveBeenCalledTimes(2)
})

it('loads nothing while something is in this window only', () => {
  const holdBack = (event: Event) => event.preventDefault()
  window.addEventListener('beforeunload', holdBack)
  loadAgain()
  window.removeEventListener('beforeunload', holdBack)
  expect(reload).not.toHaveBeenCalled()
})

it('leaves it to the student where the browser keeps nothing', () => {
  const shut = () => {
    throw new DOMException('shut', 'SecurityError')
  }
  vi.stubGlobal('sessionStorage', { getItem: shut, setItem: shut })
  loadAgain()
  vi.unstubAllGlobals()
  expect(reload).not.toHaveBeenCalled()
})
