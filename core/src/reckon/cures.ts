/** What is done at the bench so that something taken for granted is true (common practice). */
const CURES: readonly (readonly [assumption: RegExp, cure: string])[] = [
  [/no heat is lost/, 'lid, insulated cup, and both lines of temperature drawn on to the moment of mixing'],
  [/thermometer had time/, 'stir, and read until it rises no further'],
  [/specific heat capacity of water/, 'weigh the solution, and take its own heat capacity from a table'],
  [/goes to its end|all of the (metal|element) reacted/, 'leave or warm it until nothing more happens'],
  [/product is pure and dry/, 'recrystallise, and dry to constant mass'],
  [/all of it came down/, 'try a drop more of the reagent in the clear liquid; wash; dry to constant mass'],
  [/nothing but the gas was lost/, 'a plug of cotton wool in the neck, and swirling at the end'],
  [/lost as smoke/, 'a lid, lifted a little and seldom'],
  [/no gas was lost/, 'close the apparatus before they meet: a divided flask, or a tube let down inside'],
  [/hardly dissolves/, 'a gas syringe instead of water'],
  [/water levels/, 'bring both levels to the same height before reading'],
  [/gas is ideal|molar volume holds/, 'read thermometer and barometer, and use pV = nRT'],
  [/same small part had reacted/, 'end at the same small change each time, and repeat each'],
  [/only this concentration/, 'keep the whole volume the same with water, and repeat each'],
  [/nothing but the temperature/, 'a water bath, with both liquids in it before they are mixed'],
  [/half-life stays the same/, 'read three half-lives off the curve and compare them'],
  [/line is straight/, 'more points between and beyond, each repeated'],
  [/no bubble was shut in/, 'fill the bottle to the brim and stopper it without a bubble'],
  [/nothing else in .* reacts so/, 'try the titration with what else is in it alone, and take it off as a blank'],
  [/mixed evenly/, 'invert the stoppered flask ten times or more'],
  [/ is pure /, 'standardise it instead of trusting the label'],
  [/all of the .* (is there|took part) as/, 'bring all of it to that state before it is titrated'],
  [/read as the points were/, 'measure standards and unknown in one go, in one cell, each twice'],
  [/where the curve is steepest/, 'smaller portions where it climbs fast'],
  [/one of what was titrated/, 'write its formula on the label, or the equation with the whole substance'],
  [/protons of each/, 'an indicator that changes at that step, or a pH curve'],
  [/saturated/, 'shake for long with solid left over, keep it at one temperature, and filter dry'],
  [/equilibrium had been reached/, 'leave it for days, and titrate quickly in ice'],
  [/shaken to equilibrium/, 'shake for minutes, let both layers part, and repeat'],
]

/** What makes something that is taken for granted true; undefined where nothing is done for it. */
export function cureOf(assumption: string): string | undefined {
  return CURES.find(([pattern]) => pattern.test(assumption))?.[1]
}

/** What is looked for in an assumption, for the test that none of it has died out. */
export const CURED: readonly RegExp[] = CURES.map(([pattern]) => pattern)
