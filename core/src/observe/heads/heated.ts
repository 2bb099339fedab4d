import type { Clause } from '../clause.ts'
import type { ObservedFact, SeenFact } from '../facts.ts'
import { all, besides, type Head, said } from './scene.ts'

/** Melting, subliming and what collects higher up. */
export const readHeatMarks: Head = (clause, { given }) => {
  const onCool = clause.has('cool part') && clause.has('solid', 'crystals', 'ring', 'ppt')
  if (onCool) return all(said(clause, { kind: 'sublimes' }, clause.at('cool part')))
  for (const [word, kind] of [
    ['melt', 'melts'],
    ['sublime', 'sublimes'],
  ] as const)
    if (clause.has(word)) return { ...besides(said(clause, { kind }, clause.at(word))), done: true }
  if (clause.has('steamy') && clause.has('cool part', 'standing') && !clause.has('fumes', 'gas'))
    return all(said(clause, { kind: 'droplets' }, clause.at('steamy')))
  // "No water was seen"; "dissolved in water" is none that came off.
  const water = given.do === 'heat' && (clause.has('form') || clause.isDenied(clause.at('water'))) ? clause.at('water') : -1
  if (water >= 0) return all(said(clause, { kind: 'droplets' }, water))
  // "No liquid collected", "the tube stayed dry".
  const noLiquid = given.do === 'heat' && clause.isDenied(clause.at('soln')) && clause.has('form')
  const staysDry = given.do === 'heat' && clause.has('remain') && clause.tokens.some(({ text }) => /^dry$/i.test(text))
  if (noLiquid || staysDry) return all({ kind: 'not', of: { kind: 'droplets' } })
  if (clause.has('droplets')) return all(said(clause, { kind: 'droplets' }, clause.at('droplets')))
  const ring = clause.has('ring') ? clause.lastColour : undefined
  if (ring) return all(said(clause, { kind: 'ring', colour: ring.is }, ring.at))
  return undefined
}

/** What heating turned a solid to, hot and cold. */
function turnedIn(clause: Clause): readonly SeenFact[] {
  const become = clause.at('become')
  const times = clause.tokens.flatMap(({ sort, is }, at) =>
    sort === 'time' && (is === 'hot' || is === 'cold') ? [{ is, at }] : [],
  )
  return clause.colours.flatMap(({ is: to, at, denied }): readonly SeenFact[] => {
    const isTimed = times.some((time) => time.at > at && time.at < become)
    const isFrom = /^from$/i.test(clause.tokens[at - 1]?.text ?? '')
    const isOrigin = isFrom || (at < become && !isTimed)
    const isBefore = isOrigin && clause.colours.some((one) => one.at > Math.max(become, at))
    if (denied || isBefore) return []
    // "Went back to white" when it cooled.
    const isBack = /\bback\b|^return/i.test(
      clause.tokens.findLast((token, index) => index < at && token.is === 'become')?.text ?? '',
    )
    if (isBack) return [{ kind: 'solidTurns', to, when: 'cold' }]
    const when = times.find((time) => time.at > at) ?? (clause.colours.length === 1 ? times[0] : undefined)
    return [{ kind: 'solidTurns', to, when: when?.is === 'cold' ? 'cold' : 'hot' }]
  })
}

/** Colours of a solid that is heated or cools. */
export const readHeated: Head = (clause, { given }) => {
  const timed = clause.tokens.some(({ sort, is }) => sort === 'time' && (is === 'hot' || is === 'cold'))
  const heated = given.do === 'heat' || (given.dry && (given.do === 'warm' || given.do === 'cool'))
  if (!(heated || timed) || clause.colours.length === 0 || clause.has('upper', 'lower', 'soln')) return undefined
  const stays = (clause.has('remain') || clause.tokens.some(({ text }) => /^throughout$/i.test(text))) && !clause.denies
  // "A white residue remained" is what it has become.
  if (stays && !timed && !clause.has('solid', 'crystals')) return all({ kind: 'noChange' })
  const facts = turnedIn(clause)
  const cold =
    given.do === 'cool' ? facts.map((fact) => (fact.kind === 'solidTurns' ? { ...fact, when: 'cold' as const } : fact)) : facts
  if (facts.length > 0) return all(...cold)
  // "Didn't turn black".
  const none = clause.colours.filter(({ denied }) => denied)
  const when = given.do === 'cool' ? 'cold' : 'hot'
  return none.length > 0
    ? all(...none.map(({ is: to }): ObservedFact => ({ kind: 'not', of: { kind: 'solidTurns', to, when } })))
    : undefined
}

/** How a dry solid looks. */
export const readCrystals: Head = (clause, { given, ofSolution }) => {
  const colour = clause.lastColour
  if (!colour) return undefined
  const isSolid =
    (clause.has('crystals') && !clause.has('dissolve')) ||
    (given.do === 'look' &&
      !clause.has('soln', 'layer', 'ppt', 'clear') &&
      (clause.has('solid') || (!ofSolution && colour.is !== 'colourless')))
  return isSolid ? all(said(clause, { kind: 'solid', colour: colour.is }, colour.at)) : undefined
}
