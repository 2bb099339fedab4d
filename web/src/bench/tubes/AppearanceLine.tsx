import { findMaterial, path } from '@hop-lark/core/record'
import { memo } from 'react'
import { useTask } from '../../notebook/derived.ts'
import { useNotebook } from '../../notebook/store.ts'
import { TextField } from '../../ui/TextField.tsx'

/** What a sample is called and how it looked in its jar. */
export const AppearanceLine = memo(function AppearanceLine({ material }: { readonly material: string }) {
  const task = useTask()
  const edit = useNotebook((state) => state.edit)
  const found = findMaterial(task, material)
  if (!found) return null
  const write = (field: 'label' | 'note', text: string) =>
    edit(field === 'label' ? 'name a sample' : 'describe a sample', (draft) => {
      const here = draft.materials.find(({ id }) => id === material)
      if (!here) return
      if (field === 'label') here.label = text || material
      else if (text) here.note = text
      else delete here.note
    })
  return (
    <div className="mb-1 flex flex-wrap gap-2">
      <TextField
        key={`label ${material}`}
        label="Name of the sample"
        at={path('materials', material, 'label')}
        hideLabel
        value={found.label}
        className="w-36 max-[599px]:w-28"
        onCommit={(text) => write('label', text)}
      />
      <TextField
        key={`note ${material}`}
        label={`How ${found.label} looks`}
        at={path('materials', material, 'note')}
        hideLabel
        value={found.note ?? ''}
        placeholder={found.form === 'solid' ? 'how it looks: pale green crystals' : 'how it looks: colourless solution'}
        className="min-w-40 flex-1"
        onCommit={(text) => write('note', text)}
      />
    </div>
  )
})
