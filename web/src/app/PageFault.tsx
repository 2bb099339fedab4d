import { useRouteError } from 'react-router'
import { Button } from '../ui/Button.tsx'

/** Shown when a page breaks. What was entered is on the device and the server already. */
export function PageFault() {
  const error = useRouteError()
  return (
    <main className="mx-auto max-w-xl p-8">
      <h1 className="mb-3 text-2xl font-bold">This page broke. That is our fault.</h1>
      <p className="mb-4">
        What you entered is kept. Load the page again; if it breaks again, go back to the shelf and export the task.
      </p>
      <p className="mb-4 font-mono text-sm text-ink-soft">{error instanceof Error ? error.message : String(error)}</p>
      <div className="flex gap-2">
        <Button look="main" onClick={() => window.location.reload()}>
          Load again
        </Button>
        <Button onClick={() => window.location.assign('/')}>To the shelf</Button>
      </div>
    </main>
  )
}
