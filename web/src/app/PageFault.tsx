import { useRouteError } from 'react-router'
import { Button } from '../ui/Button.tsx'
import { NotFetched } from '../ui/later.tsx'
import { loadAgain } from './loadAgain.ts'
import { useWhenBack } from './useWhenBack.ts'

const SAYS = {
  notFetched: {
    title: 'A part of this page could not be fetched.',
    says: 'The server does not answer, or Hop Lark has been updated since this window was opened. What you entered is kept. The page is loaded again when the server answers.',
  },
  broken: {
    title: 'This page broke. That is our fault.',
    says: 'What you entered is kept. Load the page again; if it breaks again, go back to the shelf and export the task.',
  },
} as const

/** Shown when a page breaks, or cannot be had. What was entered is on the device or the server already. */
export function PageFault() {
  const error = useRouteError()
  const isBroken = !(error instanceof NotFetched)
  useWhenBack(!isBroken, loadAgain)
  const { title, says } = SAYS[isBroken ? 'broken' : 'notFetched']
  return (
    <main className="mx-auto max-w-xl p-8">
      <h1 className="mb-3 text-2xl font-bold">{title}</h1>
      <p className="mb-4">{says}</p>
      {isBroken && (
        <p className="mb-4 font-mono text-sm text-ink-soft">{error instanceof Error ? error.message : String(error)}</p>
      )}
      <div className="flex gap-2">
        <Button look="main" onClick={() => window.location.reload()}>
          Load again
        </Button>
        <Button onClick={() => window.location.assign('/')}>To the shelf</Button>
      </div>
    </main>
  )
}
