import { Upload } from 'lucide-react'
import { useNavigate } from 'react-router'
import { FileButton } from '../ui/FileButton.tsx'

/** Longer than a short message: there is something to read or to take back. */
const MILLISECONDS_TO_READ = 12_000

interface ImportButtonProps {
  /** Called when the shelf is another one. */
  readonly onChange: () => void
}

/** Takes tasks from a file and puts them on the shelf: a task file, an archive, a report as HTML or Word document. */
export function ImportButton({ onChange }: ImportButtonProps) {
  const navigate = useNavigate()
  const take = async (file: File | undefined) => {
    if (!file) return
    const [{ importFile, takeBack }, { toast }] = await Promise.all([import('./importFile.ts'), import('sonner')])
    const outcome = await importFile(file)
    if (outcome.kind === 'refused') {
      toast(outcome.says, { duration: MILLISECONDS_TO_READ })
      return
    }
    const { tasks } = outcome
    const [only] = tasks
    const undo = async () => {
      await takeBack(tasks)
      await navigate('/')
      onChange()
    }
    if (only && tasks.length === 1) await navigate(`/task/${only.id}/brief`)
    else onChange()
    toast(tasks.length === 1 ? 'The task was imported.' : `${tasks.length} tasks were imported.`, {
      duration: MILLISECONDS_TO_READ,
      action: { label: 'Undo', onClick: () => void undo() },
    })
  }
  return (
    <FileButton
      label="Task file"
      accept=".json,.eln,.zip,.html,.docx,application/json"
      icon={<Upload size={17} aria-hidden="true" />}
      onFiles={([file]) => void take(file)}
    >
      From a file
    </FileButton>
  )
}
