import type { Investigation } from './investigation.ts'
import { CHROMATOGRAPHY } from './kinds/chromatography.ts'
import { DISPLACEMENT } from './kinds/displacement.ts'
import { ENERGETICS } from './kinds/energetics.ts'
import { IDENTIFICATION } from './kinds/identification.ts'
import { NEUTRALISATION } from './kinds/neutralisation.ts'
import { PURITY } from './kinds/purity.ts'
import { RATE } from './kinds/rate.ts'
import { SOLUBILITY } from './kinds/solubility.ts'

/** Investigations that can be planned. */
export const INVESTIGATIONS: readonly Investigation[] = [
  RATE,
  NEUTRALISATION,
  ENERGETICS,
  SOLUBILITY,
  CHROMATOGRAPHY,
  DISPLACEMENT,
  PURITY,
  IDENTIFICATION,
]
