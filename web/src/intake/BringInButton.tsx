import { fieldsOf } from '@hop-lark/core/intake'
import { Table2 } from 'lucide-react'
import { Suspense, useState } from 'react'
import { useTask } from '../notebook/derived.ts'
import { Button } from '../ui/Button.tsx'
import { later } from '../ui/later.tsx'

const IntakeDialog = later(() => import('./IntakeDialog.tsx').then((module) => module.IntakeDialog))

/** Opens the way in for a table, on pages of parts that take one. */
export function BringInButton({ parts: ids }: { readonly parts: readonly string[] }) {
  const task = useTask()
  const [open, setOpen] = useState(false)
  const part = task.parts.find((one) => ids.includes(one.id) && fieldsOf(task, one).length > 0)
  if (!part) return null
  return (
    <>
      <Button icon={<Table2 size={17} aria-hidden="true" />} onClick={() => setOpen(true)}>
        Bring in a table
      </Button>
      {open && (
        <Suspense fallback={null}>
          <IntakeDialog part={part} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  )
}
