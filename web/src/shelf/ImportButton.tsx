import { parseTaskFile, TaskFileError } from '@hop-lark/core/record'
import { Upload } from 'lucide-react'
import { useRef } from 'react'
import { useNavigate } from 'react-router'
import { ApiError, api } from '../notebook/api.ts'
import { Button } from '../ui/Button.tsx'

/** Takes a task file from the disk and puts it on the shelf. */
export function ImportButton() {
  const navigate = useNavigate()
  const input = useRef<HTMLInputElement>(null)
  const take = async (file: File | undefined) => {
    if (!file) return
    try {
      const created = await api.create(parseTaskFile(new Uint8Array(await file.arrayBuffer())))
      await navigate(`/task/${created.id}/brief`)
    } catch (error) {
      const { toast } = await import('sonner')
      toast(wordImport(file.name, error), { duration: 12_000 })
    }
  }
  return (
    <>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        aria-label="Task file"
        className="hidden"
        onChange={(event) => {
          void take(event.target.files?.[0])
          event.target.value = ''
        }}
      />
      <Button icon={<Upload size={17} aria-hidden="true" />} onClick={() => input.current?.click()}>
        From a file
      </Button>
    </>
  )
}

function wordImport(name: string, error: unknown): string {
  if (!(error instanceof ApiError || error instanceof TaskFileError)) throw error
  const faults = error.faults.slice(0, 3).map(({ at, says }) => (at ? `${at}: ${says}` : says))
  if (faults.length > 0 || error instanceof TaskFileError) return `${name} cannot be read. ${faults.join(' ')}`
  return `${error.message} ${error.mend}`
}
