/**
 * Letters that papers write where they do not say which element or group it is: HX, H2A, XOH, M2CO3, RCOOH. Y is not
 * yttrium, which no school has, but EDTA or one more unknown.
 */
const STAND_INS = ['A', 'L', 'M', 'R', 'X', 'Y', 'Z'] as const

export type StandIn = (typeof STAND_INS)[number]

/** Whether a symbol stands for something that is not said. */
export const isStandIn = (symbol: string): symbol is StandIn => STAND_INS.some((one) => one === symbol)

/** What a short name written within a formula stands for: EDTA is C10H12N2O8, without its four acid hydrogens. */
export const SHORT_NAMES: Readonly<Record<string, string>> = { EDTA: 'C10H12N2O8' }

/** Whole formulae that are written short, and what is meant by them (common practice). */
export const SHORT_FORMULAE: Readonly<Record<string, string>> = {
  KHP: 'KHC8H4O4',
  EDTA: 'H4EDTA',
  Na2EDTA: 'Na2H2EDTA',
  'Na2EDTA.2H2O': 'Na2H2EDTA.2H2O',
  Na2EDTA·2H2O: 'Na2H2EDTA.2H2O',
}
