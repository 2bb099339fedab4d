import { cleanup, render, screen } from '@testing-library/react'
import { Component, type ReactNode, Suspense } from 'react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { later } from './later.tsx'

afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
})

const Page = ({ says }: { readonly says: string }) => <p>{says}</p>

class Caught extends Component<{ readonly children: ReactNode }, { readonly failed: boolean }> {
  override state = { failed: false }
  static getDerivedStateFromError = () => ({ failed: true })
  override render = () => (this.state.failed ? <p>failed</p> : this.props.children)
}
const show = (page: ReactNode) =>
  render(
    <Caught>
      <Suspense fallback={<p>waiting</p>}>{page}</Suspense>
    </Caught>,
  )

describe('what is needed later', () => {
  it('is fetched when the page is idle, and not again when it is drawn', async () => {
    let idle: () => void = () => {}
    vi.stubGlobal('requestIdleCallback', (work: () => void) => {
      idle = work
    })
    const load = vi.fn(async () => Page)
    const Later = later(load)
    expect(load).not.toHaveBeenCalled()
    idle()
    expect(load).toHaveBeenCalledTimes(1)
    show(<Later says="here" />)
    expect(await screen.findByText('here')).toBeTruthy()
    expect(load).toHaveBeenCalledTimes(1)
  })

  it('is fetched at once when it is drawn before that', async () => {
    vi.stubGlobal('requestIdleCallback', () => 0)
    const Later = later(async () => Page)
    show(<Later says="at once" />)
    expect(screen.getByText('waiting')).toBeTruthy()
    expect(await screen.findByText('at once')).toBeTruthy()
  })

  it('is fetched again when the server was away the first time, without a word while nobody asked', async () => {
    let idle: () => void = () => {}
    vi.stubGlobal('requestIdleCallback', (work: () => void) => {
      idle = work
    })
    const load = vi.fn(async () => Page).mockRejectedValueOnce(new Error('away'))
    const Later = later(load)
    idle()
    await vi.waitFor(() => expect(load.mock.results[0]?.type).toBe('return'))
    await new Promise((done) => setTimeout(done))
    show(<Later says="back" />)
    expect(await screen.findByText('back')).toBeTruthy()
    expect(load).toHaveBeenCalledTimes(2)
  })
})
