import { useSyncExternalStore } from 'react'
import { create } from 'zustand'
import { persist } from 'zustand/middleware'
import { FINGERS } from '../ui/fingers.ts'

interface PadChoice {
  /** Whether readings are taken by the pad; `touch`: where fingers are what there is. */
  readonly pad: 'touch' | 'on' | 'off'
  readonly choose: (pad: 'touch' | 'on' | 'off') => void
}

/** Whether readings are typed on the pad of the page, remembered on the device. */
export const usePadChoice = create<PadChoice>()(
  persist((set) => ({ pad: 'touch', choose: (pad) => set({ pad }) }), { name: 'hop-lark-pad' }),
)

function watchFingers(changed: () => void): () => void {
  const media = window.matchMedia(FINGERS)
  media.addEventListener('change', changed)
  return () => media.removeEventListener('change', changed)
}

/** Whether the pad stands in for the keyboard of the device now. */
export function usePad(): boolean {
  const fingers = useSyncExternalStore(watchFingers, () => window.matchMedia(FINGERS).matches)
  const pad = usePadChoice((choice) => choice.pad)
  return pad === 'on' || (pad === 'touch' && fingers)
}
