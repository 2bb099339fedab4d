import { useEffect, useRef } from 'react'
import { toast } from 'sonner'
import { ring } from './bell.ts'
import { useClockChoice } from './examClock.ts'
import { marksPassed } from './remaining.ts'

const saysLeft = (minutes: number) =>
  minutes === 0 ? 'The time is over.' : `${minutes} ${minutes === 1 ? 'minute' : 'minutes'} left.`

/** Says when a mark is passed that the student set, and rings if that is wanted. */
export function useClockMarks(left: number | undefined): void {
  const { marks, sound } = useClockChoice()
  const before = useRef(left)
  useEffect(() => {
    const [earlier, now] = [before.current, left]
    before.current = left
    if (earlier === undefined || now === undefined) return
    const mark = marksPassed([...marks, 0], earlier, now).at(-1)
    if (mark === undefined) return
    toast(saysLeft(mark), { duration: 10_000 })
    if (sound) ring()
  }, [left, marks, sound])
}
