import type { Link as ReadingLink } from '@hop-lark/core/reckon'
import { useNavigate, useParams } from 'react-router'
import { goTo } from '../app/goTo.ts'
import { useDerived } from '../notebook/derived.ts'
import { Num } from '../ui/Num.tsx'

/** A number of the working that leads to where it was read. */
export function ReadingButton({ link }: { readonly link: ReadingLink }) {
  const { stages } = useDerived()
  const { taskId = '' } = useParams()
  const navigate = useNavigate()
  return (
    <button
      type="button"
      title={`${link.says}: go to where it was read`}
      className="in-text num rounded font-semibold text-ink not-italic underline decoration-lark underline-offset-3 hover:text-hop"
      onClick={() => goTo({ at: link.at ?? [], taskId, stages, navigate })}
    >
      <Num text={link.text} />
    </button>
  )
}
