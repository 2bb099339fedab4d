import { putIn } from '@hop-lark/core/intake'
import type { Part } from '@hop-lark/core/record'
import { useState } from 'react'
import { toast } from 'sonner'
import { refusalOf, useNotebook } from '../notebook/store.ts'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { FileButton } from '../ui/FileButton.tsx'
import { IntakePreview } from './IntakePreview.tsx'
import { MatchedColumns } from './MatchedColumns.tsx'
import { useIntake } from './useIntake.ts'

interface IntakeDialogProps {
  readonly part: Part
  readonly onClose: () => void
}

/** Brings a table into a part: pasted or from a CSV file, its columns matched, looked at before it is put in. */
export function IntakeDialog({ part, onClose }: IntakeDialogProps) {
  const { fields, matching, intake, refused, give, choose } = useIntake(part)
  const [text, setText] = useState('')
  const [withoutFaults, setWithoutFaults] = useState(false)
  const [wrong, setWrong] = useState<string>()
  const rows = intake?.rows ?? []
  const faults = intake?.faults ?? []
  const ready = rows.length > 0 && (faults.length === 0 || withoutFaults)
  const put = () => {
    const { edit, undo } = useNotebook.getState()
    const says = `bring in ${rows.length} ${rows.length === 1 ? 'row' : 'rows'}`
    const refusal = refusalOf(() =>
      edit(says, (draft) => {
        const index = draft.parts.findIndex(({ id }) => id === part.id)
        const found = draft.parts[index]
        if (found) draft.parts[index] = putIn(found, rows)
      }),
    )
    setWrong(refusal)
    if (refusal !== undefined) return
    onClose()
    toast(`${rows.length} ${rows.length === 1 ? 'row was' : 'rows were'} put in.`, {
      action: { label: 'Undo', onClick: () => void undo() },
    })
  }
  const take = async (file: File | undefined) => {
    if (!file) return
    const found = await file.text()
    setText(found)
    await give(found, file.name)
  }
  return (
    <Dialog
      open
      wide
      onOpenChange={(open) => {
        if (!open) onClose()
      }}
      title="Bring in a table"
      says="Paste cells that were copied from a spreadsheet, or choose a CSV file. Nothing is put in before you have seen it."
    >
      <textarea
        aria-label="Cells"
        value={text}
        placeholder="Paste here"
        onChange={(event) => {
          setText(event.target.value)
          void give(event.target.value)
        }}
        className="h-28 w-full rounded-lg border border-rule bg-sheet p-3 font-mono text-sm placeholder:text-ink-soft"
      />
      <p className="mt-2">
        <FileButton label="CSV file" accept=".csv,.tsv,.txt,text/csv" onFiles={([file]) => void take(file)}>
          Choose a CSV file
        </FileButton>
      </p>
      {refused && (
        <p role="alert" className="mt-3 text-litmus">
          {refused}
        </p>
      )}
      {matching && <MatchedColumns fields={fields} matching={matching} onChoose={choose} />}
      {matching && <IntakePreview fields={fields} matching={matching} rows={rows} faults={faults} />}
      {faults.length > 0 && rows.length > 0 && (
        <label className="mt-3 flex min-h-9 items-center gap-2">
          <input
            type="checkbox"
            checked={withoutFaults}
            onChange={(event) => setWithoutFaults(event.target.checked)}
            className="size-5"
          />
          Leave out the rows that cannot be read
        </label>
      )}
      {wrong && (
        <p role="alert" className="mt-3 text-litmus">
          {wrong}
        </p>
      )}
      <p className="mt-4 flex gap-3">
        <Button look="main" disabled={!ready} onClick={put}>
          Put in {rows.length} {rows.length === 1 ? 'row' : 'rows'}
        </Button>
        <Button onClick={onClose}>Cancel</Button>
      </p>
    </Dialog>
  )
}
