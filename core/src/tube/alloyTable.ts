import type { SeenColour } from '../palette/index.ts'

/** Metals of which it is known what nitric acid makes (common practice). */
export type Dissolved = 'Cu' | 'Zn' | 'Pb' | 'Sn'

/** Parts of one mol of atoms of a metal or an alloy. */
export type Parts = Readonly<Partial<Record<Dissolved, number>>>

/** An alloy as it may be handed out. */
export interface Alloy {
  readonly colour: SeenColour
  /** Parts of one mol of its atoms, in the usual make (common practice). */
  readonly holds: Parts
  /**
   * In hot acid that is no nitric acid, and in hot alkali; in cold acid none of them dissolves in the time of a test. Copper
   * keeps the zinc and tin in it from dissolving; of solder no rule says how fast it does (common practice).
   */
  readonly whenHot: 'nothing' | 'not known'
}

/** Alloys whose metals do not meet acid as they would side by side, by name: a formula would say how much of each there is. */
export const ALLOYS: Readonly<Record<string, Alloy>> = {
  brass: { colour: 'yellow', holds: { Cu: 0.65, Zn: 0.35 }, whenHot: 'nothing' },
  bronze: { colour: 'brown', holds: { Cu: 0.94, Sn: 0.06 }, whenHot: 'nothing' },
  solder: { colour: 'grey', holds: { Pb: 0.28, Sn: 0.72 }, whenHot: 'not known' },
}

/** Whether a dry sample is an alloy. */
export const isAlloy = (name: string): boolean => Object.hasOwn(ALLOYS, name)
