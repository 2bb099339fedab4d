import type { ReactNode } from 'react'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { toast } from 'sonner'
import { ApiError, api } from '../notebook/api.ts'
import { useTask } from '../notebook/derived.ts'
import { downloadTask } from '../notebook/download.ts'
import { abandon, outboxOf } from '../notebook/outboxes.ts'
import { useNotebook } from '../notebook/store.ts'
import { Button } from '../ui/Button.tsx'
import { AsideDialog } from './AsideDialog.tsx'

const LOOKS = { bad: 'border-litmus bg-litmus-wash', ask: 'border-iodine bg-iodine-wash' } as const

interface NoticeProps {
  readonly look: keyof typeof LOOKS
  readonly title: string
  readonly says: string
  readonly children: ReactNode
}

function Notice({ look, title, says, children }: NoticeProps) {
  return (
    <section role="alert" className={`mb-4 rounded-xl border-l-4 px-4 py-3 ${LOOKS[look]}`}>
      <p className="font-semibold">{title}</p>
      <p className="mb-2 text-[0.95rem]">{says}</p>
      <div className="flex flex-wrap gap-2">{children}</div>
    </section>
  )
}

/** Says of a request that failed why, and how to go on. */
async function orSay(act: () => Promise<void>): Promise<void> {
  try {
    await act()
  } catch (error) {
    if (!(error instanceof ApiError)) throw error
    toast(`${error.message} ${error.mend}`)
  }
}

/** What must be known before anything is entered: that it is not kept, where it would go, what could not be saved. */
export function Notices() {
  const { save, news } = useNotebook()
  return (
    <>
      {save.kind === 'gone' ? <Gone /> : <Device held={save.kind === 'held'} fault={news.deviceFault} />}
      {news.archived && save.kind !== 'gone' && <Archived />}
      {news.aside.length > 0 && <SetAside count={news.aside.length} />}
    </>
  )
}

function Device({ held, fault }: { readonly held: boolean; readonly fault: string | undefined }) {
  const task = useTask()
  if (fault === undefined) return null
  return (
    <Notice
      look={held ? 'bad' : 'ask'}
      title={held ? 'What you enter is in this window only.' : 'Nothing is kept on this device.'}
      says={
        held
          ? `The server does not answer, and there is no other place: ${fault} Leave this window open, or download the task: the file has everything.`
          : `${fault} While the server answers, everything is saved there.`
      }
    >
      <Button onClick={() => downloadTask(task)}>Download the task</Button>
    </Notice>
  )
}

function Gone() {
  const task = useTask()
  const navigate = useNavigate()
  const putBack = () =>
    orSay(async () => {
      const id = await outboxOf(task.id).putBack()
      toast('Back on the shelf, with what waited here.')
      if (id !== task.id) await navigate(`/task/${id}/brief`)
    })
  const giveUp = async () => {
    await navigate('/')
    await abandon(task.id)
  }
  return (
    <Notice
      look="bad"
      title="This task was deleted while it was open or work on it waited."
      says="What you see stands on this device only, with everything that was entered here."
    >
      <Button look="main" onClick={() => void putBack()}>
        Put it back
      </Button>
      <Button onClick={() => downloadTask(task)}>Download the task</Button>
      <Button look="danger" onClick={() => void giveUp()}>
        Delete it here
      </Button>
    </Notice>
  )
}

function Archived() {
  const task = useTask()
  const restore = () =>
    orSay(async () => {
      await api.restore(task.id)
      outboxOf(task.id).refresh()
    })
  return (
    <Notice look="ask" title="This task is archived." says="What you enter is saved in it, but it does not stand on the shelf.">
      <Button onClick={() => void restore()}>Put it back on the shelf</Button>
    </Notice>
  )
}

function SetAside({ count }: { readonly count: number }) {
  const [open, setOpen] = useState(false)
  return (
    <Notice
      look="ask"
      title={count === 1 ? 'One entry could not be saved.' : `${count} entries could not be saved.`}
      says="It was set aside with the reason; everything else is saved."
    >
      <Button onClick={() => setOpen(true)}>Look at what was set aside</Button>
      <AsideDialog open={open} onOpenChange={setOpen} />
    </Notice>
  )
}
