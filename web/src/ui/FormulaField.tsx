import { checkFormula } from '@hop-lark/core/check'
import { type Material, path } from '@hop-lark/core/record'
import { useNotebook } from '../notebook/store.ts'
import { writeField } from './materialFields.ts'
import { TextField } from './TextField.tsx'

/** The formula of what a material is or holds, where nothing else of it is asked. */
export function FormulaField({ material, className = '' }: { readonly material: Material; readonly className?: string }) {
  const edit = useNotebook((state) => state.edit)
  const { id, label, solute = '' } = material
  const at = path('materials', id, 'solute')
  const [fault] = solute ? checkFormula(solute, at) : []
  return (
    <TextField
      asked
      mono
      label={`Formula in ${label}, if known`}
      at={at}
      value={solute}
      placeholder="Na2CO3"
      error={fault?.says}
      className={className}
      onCommit={(text) =>
        edit(`change ${label}: solute`, (task) => {
          const found = task.materials.find((one) => one.id === id)
          if (found) writeField(found, 'solute', text === '' ? undefined : text)
        })
      }
    />
  )
}
