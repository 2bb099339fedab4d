import { freshId, type Material } from '@hop-lark/core/record'
import { Plus } from 'lucide-react'
import { useTask } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'
import { Button } from './Button.tsx'
import { Select } from './Select.tsx'

interface MaterialPickerProps {
  readonly label: string
  readonly value: string
  readonly forms?: readonly Material['form'][]
  readonly onChange: (id: string) => void
}

/** Chooses a material of the task. */
export function MaterialPicker({ label, value, forms, onChange }: MaterialPickerProps) {
  const { materials } = useTask()
  const choices = materials
    .filter(({ form, id }) => !forms || forms.includes(form) || id === value)
    .map((material) => ({ value: material.id, says: material.label || material.id }))
  return <Select label={label} value={value} choices={choices} onChange={onChange} placeholder="Choose a material" />
}

/** Adds a material with the next free label, F1, F2, … */
export function AddMaterial({
  form,
  says,
  onAdded,
}: {
  readonly form: Material['form']
  readonly says: string
  readonly onAdded?: (id: string) => void
}) {
  const edit = useNotebook((state) => state.edit)
  const add = () => {
    let added = ''
    edit('add a material', (task) => {
      added = freshId(
        'F',
        task.materials.map(({ id }) => id),
      )
      task.materials.push({ id: added, label: added, form })
    })
    onAdded?.(added)
  }
  return (
    <Button icon={<Plus size={16} />} onClick={add}>
      {says}
    </Button>
  )
}
