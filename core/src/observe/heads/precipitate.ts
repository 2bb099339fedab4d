import type { SeenColour } from '../../palette/index.ts'
import type { Clause, ColourAt } from '../clause.ts'
import type { ObservedFact, SeenFact } from '../facts.ts'
import { losesColour } from './colourGone.ts'
import { all, type Head, type Scene, type Told } from './scene.ts'

const precipitate = (clause: Clause, colour: SeenColour | undefined): SeenFact => ({
  kind: 'precipitate',
  // "Very faint" is faint.
  slight: clause.has('slight') && clause.at('much') < clause.at('slight'),
  ...(colour ? { colour } : {}),
})

/** Where the clause names a precipitate, or -1; a dry solid that is looked at or heated is none. */
function precipitateAt(clause: Clause, { given }: Scene): number {
  if (clause.has('ppt')) return clause.at('ppt')
  const isDry = given.do === 'look' || given.do === 'heat' || given.dry === true
  return isDry && given.do !== 'add' && given.do !== 'dissolve' ? -1 : clause.at('solid')
}

/** Whether what is said to vanish is a colour, not a precipitate. */
function isOfColour(clause: Clause, { given }: Scene, ppt: number): boolean {
  const vanish = clause.at('vanish')
  const colourFirst = vanish >= 0 && ppt < 0 && clause.colours.some(({ at }) => at < vanish)
  return clause.has('hue') || colourFirst || losesColour(given.reagent) !== undefined
}

/** Whether it is bubbles or a smell that vanished. */
const isOfGas = (clause: Clause) =>
  (['bubbles', 'smell'] as const).some((thing) => clause.has(thing) && clause.at(thing) < clause.at('vanish'))

/** "It went": a verb, and nothing else. */
const isAlone = (clause: Clause) => clause.tokens.every(({ sort, is }) => sort === 'idle' || is === 'become')

/** Where the clause says that a precipitate went or did not, or -1. */
function fateAt(clause: Clause, scene: Scene, ppt: number): number {
  const named = clause.first(['dissolve', 'insoluble'])
  if (named) return clause.at(named)
  const mayGo = ppt >= 0 || scene.precipitate || scene.given.do === 'add'
  if (clause.has('vanish') && !isOfColour(clause, scene, ppt) && mayGo && !isOfGas(clause)) return clause.at('vanish')
  // "Most of it went", "ppt goes".
  const isLast = clause.at('become') >= 0 && clause.at('become') === clause.tokens.findLastIndex(({ sort }) => sort !== 'idle')
  const went =
    clause.has('become') &&
    (clause.has('partly', 'all') || (isLast && (ppt >= 0 || isAlone(clause)))) &&
    clause.colours.length === 0 &&
    !clause.has('milky', 'cloudy', 'clear')
  if (scene.precipitate && went) return clause.at('become')
  const clears = clause.has('clear') && !clause.has('remain') && (!clause.denies || !clause.has('hue'))
  return scene.precipitate && clears ? clause.at('clear') : -1
}

function fateOf(clause: Clause, at: number, ppt: number): ObservedFact {
  const denies = clause.isDenied(at) || clause.has('insoluble')
  const partly = clause.has('partly') || clause.at('slight') > ppt
  if (denies && !(clause.has('all') && !clause.has('insoluble') && clause.at('all') > clause.notAt)) return { kind: 'insoluble' }
  const giving = clause.colours.find((colour) => colour.at > at)?.is
  return { kind: 'dissolves', how: partly || denies ? 'partly' : 'completely', ...(giving ? { giving } : {}) }
}

/** Whether a precipitate dissolves: its colour may be said in the same breath. */
export const readFate: Head = (clause, scene) => {
  const ppt = precipitateAt(clause, scene)
  const at = fateAt(clause, scene, ppt)
  if (at >= 0) {
    const before = clause.colours.find((colour) => ppt >= 0 && colour.at < ppt && colour.at < at)
    if (clause.has('momentary') && !clause.denies && !scene.given.precipitate)
      return { ...all({ kind: 'transient', ...(before ? { colour: before.is } : {}) }), precipitate: false }
    const fate = fateOf(clause, at, ppt)
    const isNew = before !== undefined && ppt < at && !scene.precipitate && clause.has('ppt')
    return {
      ...all(...(isNew ? [precipitate(clause, before.is)] : []), fate),
      precipitate: !(fate.kind === 'dissolves' && fate.how === 'completely'),
    }
  }
  return staying(clause, scene, ppt)
}

/** "Still no ppt". */
const isStill = (clause: Clause) => clause.tokens.some(({ text }) => /^still$/i.test(text))

/** A precipitate that is said to stay, or of which nothing is left. */
function staying(clause: Clause, scene: Scene, ppt: number): Told | undefined {
  const insoluble = { ...all({ kind: 'insoluble' }), precipitate: true }
  const stays = clause.has('remain') && !(isStill(clause) && !scene.precipitate)
  if (ppt >= 0 && stays && clause.isDenied(ppt)) return { ...all({ kind: 'dissolves', how: 'completely' }), precipitate: false }
  if (ppt >= 0 && scene.precipitate && clause.denies && clause.has('change')) return insoluble
  if (ppt >= 0 && scene.precipitate && clause.has('unchanged')) return insoluble
  // "It did not go".
  const bareGo = clause.denies && clause.tokens.every(({ sort, is }) => sort === 'idle' || sort === 'not' || is === 'become')
  if (scene.precipitate && clause.has('become') && bareGo) return insoluble
  // "The ppt won't go".
  if (ppt >= 0 && scene.precipitate && clause.denies && clause.at('become') > clause.notAt && clause.colours.length === 0)
    return insoluble
  if (ppt >= 0 && clause.has('remain') && !clause.denies && !clause.has('soln')) return insoluble
  const inExcess =
    scene.given.amount === 'excess' && scene.given.precipitate === true && clause.colours.length > 0 && !clause.has('soln')
  // "Remains", and no more.
  const bareRemain = clause.has('remain') && clause.tokens.every(({ sort, is }) => sort === 'idle' || is === 'remain')
  const stillCloudy = clause.has('remain') && (clause.has('there', 'cloudy', 'milky') || inExcess) && !clause.denies
  return scene.precipitate && (stillCloudy || bareRemain) ? insoluble : undefined
}

/** Colours a bare word of which, after such a bottle, is a precipitate's. */
const PRECIPITATES = /^(?:AgNO3|BaCl2|Ba\(NO3\)2|Pb\(NO3\)2|Na2CO3|NaOH|KOH|NH3|K4Fe|Na2S|\(NH4\)2)/
const PALE: readonly SeenColour[] = ['white', 'cream', 'off-white', 'pale yellow']
/** Yellow is a precipitate's with silver and lead. */
const YELLOW: readonly SeenColour[] = ['yellow', 'bright yellow']
const HEAVY_METAL = /^(?:AgNO3|Pb)/

/** Precipitates and clouds that form, and colours they turn. */
export const readPrecipitate: Head = (clause, scene) => {
  const ppt = precipitateAt(clause, scene)
  const cloud = clause.has('milky') ? clause.at('milky') : clause.at('cloudy')
  const at = ppt >= 0 ? ppt : cloud
  // "The top layer of the precipitate" is no liquid's.
  if (clause.has('upper', 'lower') && !(ppt >= 0 && scene.precipitate)) return undefined
  const isNew = /^(?:an?|some|lots of|a lot of|loads of)$/i.test(clause.tokens[ppt - 1]?.text ?? '')
  // "The solid" that is spoken of is the sample's, unless it forms, is "a solid" or has a colour of its own.
  if (
    ppt >= 0 &&
    !isNew &&
    !clause.has('ppt', 'form') &&
    clause.colours.length === 0 &&
    !clause.denies &&
    !clause.has('milky', 'cloudy')
  )
    return { ...all(), precipitate: scene.precipitate }
  if (at < 0) return bareColour(clause, scene)
  if (clause.isDenied(at)) return { ...all({ kind: 'noPrecipitate' }), precipitate: scene.precipitate }
  const become = clause.at('become')
  const first =
    clause.colours.find((colour) => become < 0 || colour.at < become || cloud >= 0) ??
    (become < 0 ? clause.lastColour : undefined)
  const turned = become > ppt && ppt >= 0 ? clause.colours.findLast((colour) => colour.at > become) : undefined
  // "The ppt blackens" has turned.
  const verbal =
    ppt >= 0
      ? clause.colours.find((one) => one.at > ppt && /en(?:s|ed)$|browned$/i.test(clause.tokens[one.at]?.text ?? ''))
      : undefined
  const darkens = ppt >= 0 && clause.tokens.some(({ text }) => DARKENS.test(text)) && !clause.denies
  if (darkens && !clause.colours.some((one) => one.at > clause.at('become'))) {
    const before = first && !scene.precipitate ? [precipitate(clause, first.is)] : []
    return { ...all(...before, { kind: 'precipitateTurns', to: 'grey' }), precipitate: true }
  }
  if (verbal) return turning(clause, scene, first && first.at !== verbal.at ? first.is : undefined, verbal)
  if (turned) return turning(clause, scene, first && first.at !== turned.at ? first.is : undefined, turned)
  const colour = first?.is ?? (clause.has('milky') ? 'white' : undefined)
  const stood = clause.has('standing') || scene.given.do === 'stand'
  if (scene.precipitate && scene.given.precipitate && stood && colour !== undefined)
    return all({ kind: 'precipitateTurns', to: colour })
  if (clause.has('momentary')) return all({ kind: 'transient', ...(colour ? { colour } : {}) })
  // "The precipitate" that was there before is nothing new.
  if (scene.precipitate && colour === undefined && !clause.has('form', 'become')) return { ...all(), precipitate: true }
  const around = colourOfLiquid(clause, at)
  const found =
    around && around.is !== colour
      ? all(precipitate(clause, colour), { kind: 'solution', to: around.is })
      : all(precipitate(clause, colour))
  return { ...found, precipitate: true }
}

/** "White ppt in brown liquid": the colour that stands just before the liquid. */
function colourOfLiquid(clause: Clause, ppt: number) {
  const soln = clause.at('soln')
  return soln > ppt ? clause.colours.find(({ at }) => at > ppt && at === soln - 1) : undefined
}

function turning(clause: Clause, scene: Scene, from: SeenColour | undefined, to: ColourAt): Told {
  if (scene.precipitate && clause.has('soln'))
    return { ...all({ kind: 'dissolves', how: 'completely', giving: to.is }), precipitate: false }
  const isNew = from !== undefined && !scene.precipitate && to.at > clause.at('ppt')
  const turns: ObservedFact = { kind: 'precipitateTurns', to: to.is }
  const facts = [...(isNew ? [precipitate(clause, from)] : []), to.denied ? ({ kind: 'not', of: turns } as const) : turns]
  return { ...all(...facts), precipitate: true }
}

const DARKENS = /^darken(?:s|ed|ing)?$/i

/** A colour without a noun: of the precipitate that stands, or of one that such a bottle brings. */
function bareColour(clause: Clause, scene: Scene): Told | undefined {
  const colour = clause.lastColour
  const darkens = clause.tokens.some(({ text }) => DARKENS.test(text)) && !clause.denies
  if (!colour && darkens && scene.precipitate) return all({ kind: 'precipitateTurns', to: 'grey' })
  if (!colour || clause.has('soln', 'hue', 'fumes', 'gas', 'layer', 'crystals')) return undefined
  const stood = clause.has('standing') || scene.given.do === 'stand' || (scene.ofPrecipitate && clause.has('become'))
  if (scene.precipitate && stood) {
    const turns: ObservedFact = { kind: 'precipitateTurns', to: colour.is }
    return all(colour.denied ? { kind: 'not', of: turns } : turns)
  }
  const reagent = scene.given.reagent ?? ''
  const isPale = PALE.includes(colour.is) || (YELLOW.includes(colour.is) && HEAVY_METAL.test(reagent))
  const brings = PRECIPITATES.test(reagent) && isPale && !clause.has('become', 'remain')
  if (!brings || scene.precipitate) return undefined
  return colour.denied ? all({ kind: 'noPrecipitate' }) : { ...all(precipitate(clause, colour.is)), precipitate: true }
}

/** Bottles that are there to bring a precipitate. */
export const BRINGS = /^(?:AgNO3|BaCl2|Ba\(NO3\)2|Pb\(NO3\)2)/

/** A clear tube after a bottle that might have brought a precipitate. */
export const readClear: Head = (clause, scene) => {
  if (scene.given.do !== 'add' || !clause.has('clear') || clause.denies || scene.precipitate) return undefined
  const isBare = clause.colours.length === 0 && BRINGS.test(scene.given.reagent ?? '') && !clause.has('become', 'hue')
  if (!clause.has('remain') && !isBare) return undefined
  return all({ kind: 'noPrecipitate' })
}
