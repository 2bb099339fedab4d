import { Upload } from 'lucide-react'
import { useState } from 'react'
import { FileButton } from '../ui/FileButton.tsx'
import { SheetFileError } from './SheetFileError.ts'
import { readSheetFile } from './sheetFile.ts'

/** Takes the sheet out of a file on this device. */
export function SheetFileButton({ onText }: { readonly onText: (text: string) => void }) {
  const [fault, setFault] = useState<string>()
  const [reading, setReading] = useState(false)
  const take = async (file: File | undefined) => {
    if (!file) return
    setFault(undefined)
    setReading(true)
    try {
      onText(await readSheetFile(file))
    } catch (error) {
      if (!(error instanceof SheetFileError)) throw error
      setFault(error.message)
    } finally {
      setReading(false)
    }
  }
  return (
    <>
      <FileButton
        label="File with the task sheet"
        accept=".txt,.md,.docx,.pdf,text/plain"
        icon={<Upload size={17} aria-hidden="true" />}
        disabled={reading}
        keepsCursor
        onFiles={([file]) => void take(file)}
      >
        {reading ? 'Reading …' : 'From a text, Word or PDF file'}
      </FileButton>
      {fault && (
        <p role="alert" className="basis-full text-sm text-litmus">
          {fault}
        </p>
      )}
    </>
  )
}
