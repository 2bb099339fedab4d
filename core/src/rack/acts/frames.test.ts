import { describe, expect, it } from 'vitest'
import { waysOf } from '../../wording/testing/ways.ts'
import { readShortActs } from '../testing/rounds.ts'

/** Bottles by some of their names. */
const BOTTLES = [
  ['sodium hydroxide', 'NaOH(aq)'],
  ['aqueous ammonia', 'NH3(aq)'],
  ['silver nitrate solution', 'AgNO3(aq)'],
  ['dilute nitric acid', 'HNO3(aq)'],
  ['KI', 'KI(aq)'],
  ['conc. sulfuric acid', 'H2SO4(conc)'],
  ['hydrogen peroxide', 'H2O2(aq)'],
  ['barium chlor', 'BaCl2(aq)'],
] as const

/** Ways of putting something in. */
const VERBS =
  waysOf(`Add|Added|I added|Then add|Now add|We added|Put in|Pour in|Poured in|Drop in|Dripped in|Run in|Introduce|Squirt
  in|Tip in|Chuck in|To the tube add|To this add|To the solution add|To it I added|Into the tube put|Treat
  with|Treated with|Treat the solution with|Mix with|Mixed it with|React with|Next,|Finally add|Also add|Proceed to
  add|Go on adding|Continue adding|Try adding|Test with`)

/** How much, and what is kept of it. */
const AMOUNTS = [
  ['', '?'],
  ['a few drops of ', 'drops'],
  ['2 cm3 of ', '2 cm3'],
  ['an excess of ', 'excess'],
  ['five drops of ', '5 drops'],
  ['a little ', 'little'],
  ['about 1 ml ', '1 cm3'],
  ['an equal volume of ', 'equal'],
  ['some ', '?'],
  ['a drop of ', '1 drops'],
  ['excess ', 'excess'],
  ['1 cm depth of ', '1 cm depth'],
] as const

/** Lines about a bottle, `%`, and the amount and manner that are kept; `#` is the bottle again. */
const LINES = [
  ['%, a few drops', 'drops'],
  ['% was added', '?'],
  ['% was added dropwise', 'drops [dropwise]'],
  ['% (aq)', '?'],
  ['% 2 cm3', '2 cm3'],
  ['%: 3 drops', '3 drops'],
  ['% - excess', 'excess'],
  ['% in excess', 'excess'],
  ['% to excess', 'excess'],
  ['% until in excess', 'excess'],
  ['% until it is in excess', 'excess'],
  ['excess % was added', 'excess'],
  ['a few drops of % were added', 'drops'],
  ['% dropwise until no further change', 'excess [dropwise]'],
  ['2 cm3 of % were poured in', '2 cm3'],
  ['% was put in', '?'],
  ['with %', '?'],
  ['+%', '?'],
  ['+ %', '?'],
  ['using %', '?'],
  ['drops of %', 'drops'],
  ['more %', '?'],
  ['further %', '?'],
  ['plenty of %', 'excess'],
  ['% (3 drops)', '3 drops'],
  ['% (excess)', 'excess'],
  ['% x 5 drops', '5 drops'],
  ['5 drops %', '5 drops'],
  ['10 drops of the %', '10 drops'],
  ['% added a drop at a time', 'drops [dropwise]'],
  ['add % bit by bit', '? [slowly]'],
  ['add % and shake', '?; shake'],
  ['add %, shake', '?; shake'],
  ['add % then warm', '?; warm'],
  ['add % with shaking', '? [shaking]'],
  ['add % and heat gently', '?; warm'],
  ['add %. Warm.', '?; warm'],
  ['% followed by excess', '?; add # excess'],
  ['a few drops of % and then excess', 'drops; add # excess'],
  ['% dropwise then in excess', 'drops [dropwise]; add # excess'],
] as const

/** Ways of holding a paper or a splint at a gas. */
const HELD =
  waysOf(`hold % at the mouth of the tube|held % over the tube|test the gas with %|tested the gas using %|% at the mouth|put %
  at the mouth of the tube|place % near the top of the tube|insert %|bring % to the mouth|% held in the gas|expose %
  to the gas|% in the gas|try %|use % to test the gas|apply % to the mouth|lower % into the tube|gas: %|test any gas
  with %|test for gas with %|hold % in the gas given off|put % in the tube|dangle % in the tube|lower % in|with
  %|check with %`)
/** Ways of passing a gas through limewater. */
const PASSED =
  waysOf(`bubble the gas through %|pass the gas through %|bubbled gas into %|gas through %|test the gas with %|tested gas with
  %|pass gas into %|gas was passed into %|bubble it through %|run the gas into %|lead the gas through %|the gas was
  bubbled through %|test with %|% test|collect the gas and bubble through %`)
const TESTS = [
  ['damp red litmus paper', 'damp red litmus'],
  ['damp blue litmus', 'damp blue litmus'],
  ['a lighted splint', 'lighted splint'],
  ['a glowing splint', 'glowing splint'],
  ['lead ethanoate paper', 'lead ethanoate paper'],
] as const

/** Lines that are read as something else than they say. */
const missed = (lines: readonly (readonly [text: string, act: string])[]) =>
  lines.filter(([text, act]) => readShortActs(text) !== act).map(([text]) => `${text} | ${readShortActs(text)}`)

describe('every way of writing an act', () => {
  it.each(BOTTLES)('%s is put in, in any amount', (name, formula) => {
    const lines = VERBS.flatMap((verb) =>
      AMOUNTS.map(([amount, kept]) => [`${verb} ${amount}${name}`, `add ${formula} ${kept}`] as const),
    )
    expect(missed(lines)).toEqual([])
  })

  it.each(BOTTLES)('%s in lines of every manner', (name, formula) => {
    const lines = LINES.map(([line, kept]) => [line.replace('%', name), `add ${formula} ${kept}`.replace('#', formula)] as const)
    expect(missed(lines)).toEqual([])
  })

  it.each(TESTS)('%s at a gas', (name, test) => {
    expect(missed(HELD.map((way) => [way.replace('%', name), `gas ${test}`] as const))).toEqual([])
  })

  it('a gas passed through limewater', () => {
    expect(missed(PASSED.map((way) => [way.replace('%', 'limewater'), 'gas limewater'] as const))).toEqual([])
  })
})
