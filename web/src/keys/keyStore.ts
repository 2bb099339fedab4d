import { create } from 'zustand'
import { persist } from 'zustand/middleware'
import { actionNamed, type KeyActionName } from './actions.ts'

interface KeyChoice {
  /** Whether letters alone do something while nothing is typed. */
  readonly letters: boolean
  /** Combinations chosen instead of the usual ones; an empty one is none. */
  readonly chosen: Readonly<Partial<Record<KeyActionName, string>>>
  readonly setLetters: (on: boolean) => void
  /** Gives an act another combination; an empty one switches it off, none brings the usual one back. */
  readonly choose: (name: KeyActionName, combination: string | undefined) => void
}

/** Which keys do what, remembered on the device. */
export const useKeyChoice = create<KeyChoice>()(
  persist(
    (set) => ({
      letters: true,
      chosen: {},
      setLetters: (letters) => set({ letters }),
      choose: (name, combination) =>
        set(({ chosen: { [name]: _, ...rest } }) => ({
          chosen: combination === undefined ? rest : { ...rest, [name]: combination },
        })),
    }),
    { name: 'hop-lark-keys' },
  ),
)

/** The combination an act has on this device; empty where it has none, or where there is no act. */
export const useCombination = (name: KeyActionName | undefined): string =>
  useKeyChoice(({ chosen }) => (name === undefined ? '' : (chosen[name] ?? actionNamed(name).usual)))
