import { FolderDown } from 'lucide-react'
import { useState } from 'react'
import { ApiError, api } from '../notebook/api.ts'
import { Button } from '../ui/Button.tsx'

const ALL = { search: '', archived: 'false', sort: 'created', order: 'asc', progress: 'any' } as const

/** The ids of all tasks of the shelf, page by page. */
async function allIds(): Promise<readonly string[]> {
  const ids: string[] = []
  for (let page = 1; ; page++) {
    const { tasks, total } = await api.list({ ...ALL, page })
    ids.push(...tasks.map(({ id }) => id))
    if (tasks.length === 0 || ids.length >= total) return ids
  }
}

/** Saves every task of the shelf as one archive. */
export function ShelfArchive() {
  const [says, setSays] = useState<string>()
  const save = async () => {
    const [{ gather }, { filesWorker }, { downloadBlob }, { toast }] = await Promise.all([
      import('../files/gather.ts'),
      import('../files/filesWorker.ts'),
      import('../notebook/download.ts'),
      import('sonner'),
    ])
    try {
      setSays('Looking …')
      const ids = await allIds()
      const parcels = []
      for (const [index, id] of ids.entries()) {
        setSays(`${index + 1} of ${ids.length} …`)
        parcels.push(await gather((await api.load(id)).document))
      }
      if (parcels.length === 0) toast('There is no task on the shelf yet.')
      else {
        setSays('Writing …')
        const bytes = await filesWorker().archive(parcels, 'shelf', new Date())
        downloadBlob('shelf.eln', new Blob([new Uint8Array(bytes)], { type: 'application/zip' }))
      }
    } catch (error) {
      if (!(error instanceof ApiError)) throw error
      toast(`${error.message} ${error.mend}`)
    } finally {
      setSays(undefined)
    }
  }
  return (
    <Button
      look="quiet"
      icon={<FolderDown size={16} aria-hidden="true" />}
      disabled={says !== undefined}
      onClick={() => void save()}
    >
      {says ?? 'Save all as one archive'}
    </Button>
  )
}
