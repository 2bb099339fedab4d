import { readFileSync } from 'node:fs'
import type { TubeStep } from '../index.ts'
import type { Row } from './rows.ts'

const AMOUNTS: Readonly<Record<string, string>> = { d: 'drops', x: 'excess', e: 'equal' }

/** `NH3 x`, `H2S(g)`, `warm`. */
function stepOf(act: string): TubeStep {
  if (/^(?:warm|boil|stand|flame|heat)$/.test(act)) return { do: act }
  const [, bottle = '', amount = 'd'] = /^(.*?)(?: ([dxe]))?$/.exec(act) ?? []
  const reagent = /\((?:s|g|conc)\)$/.test(bottle) ? bottle : `${bottle}(aq)`
  return { do: 'add', reagent, amount: /\(s\)$/.test(bottle) ? 'piece' : (AMOUNTS[amount] ?? 'drops') }
}

/** The rows of a file beside this one, each with the chapter it stands in. */
export function rowsIn(file: string): readonly Row[] {
  return readFileSync(new URL(file, import.meta.url), 'utf8')
    .split('\n')
    .filter((line) => line !== '' && !line.startsWith('#'))
    .map((line) => {
      const [sample = '', acts = '', says = ''] = line.split(' | ')
      return [sample, acts.split(', ').map(stepOf), new RegExp(says)] as const
    })
}
