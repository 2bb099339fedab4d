import type { Path } from '@hop-lark/core/record'
import { useNavigate, useParams } from 'react-router'
import { goTo } from '../app/goTo.ts'
import { useDerived } from '../notebook/derived.ts'

/** Goes to where something of the report stands in the record. */
export function useGoTo(): (at: Path) => void {
  const { stages } = useDerived()
  const { taskId = '' } = useParams()
  const navigate = useNavigate()
  return (at) => goTo({ at, taskId, stages, navigate })
}
