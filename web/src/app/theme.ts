import { create } from 'zustand'
import { persist } from 'zustand/middleware'

export type Theme = 'light' | 'dark' | 'device'

interface ThemeChoice {
  readonly theme: Theme
  readonly choose: (theme: Theme) => void
}

/** Light or dark, remembered on the device; by default as the device is set. */
export const useTheme = create<ThemeChoice>()(
  persist((set) => ({ theme: 'device', choose: (theme) => set({ theme }) }), { name: 'hop-lark-theme' }),
)

const DARK = '(prefers-color-scheme: dark)'

/** Puts the chosen theme on the document and follows the device where it is left to it. */
export function followTheme(): () => void {
  const media = window.matchMedia(DARK)
  const apply = () => {
    const { theme } = useTheme.getState()
    const dark = theme === 'dark' || (theme === 'device' && media.matches)
    document.documentElement.dataset.theme = dark ? 'dark' : 'light'
  }
  apply()
  media.addEventListener('change', apply)
  const stop = useTheme.subscribe(apply)
  return () => {
    media.removeEventListener('change', apply)
    stop()
  }
}
