import { Upload } from 'lucide-react'
import { useRef, useState } from 'react'
import { Button } from '../ui/Button.tsx'
import { SheetFileError } from './SheetFileError.ts'
import { readSheetFile } from './sheetFile.ts'

/** Takes the sheet out of a file on this device. */
export function SheetFileButton({ onText }: { readonly onText: (text: string) => void }) {
  const input = useRef<HTMLInputElement>(null)
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
      <input
        ref={input}
        type="file"
        accept=".txt,.md,.docx,.pdf,text/plain"
        aria-label="File with the task sheet"
        className="hidden"
        onChange={(event) => {
          void take(event.target.files?.[0])
          event.target.value = ''
        }}
      />
      <Button
        icon={<Upload size={17} aria-hidden="true" />}
        disabled={reading}
        onMouseDown={(event) => event.preventDefault()}
        onClick={() => input.current?.click()}
      >
        {reading ? 'Reading …' : 'From a text, Word or PDF file'}
      </Button>
      {fault && (
        <p role="alert" className="basis-full text-sm text-litmus">
          {fault}
        </p>
      )}
    </>
  )
}
