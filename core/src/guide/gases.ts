import { DEFERS } from '../rack/index.ts'
import type { DrawingName, Guide } from './guide.ts'

interface Recipe {
  readonly gas: string
  readonly formula: string
  readonly drawing: DrawingName
  readonly made: string
  readonly because: string
  readonly led: string
  readonly ledBecause: string
  readonly test: string
  readonly testBecause: string
  readonly caution: string
  readonly words: string
}

/** How gases are made in a tube, led off and told (common practice). */
const RECIPES: readonly Recipe[] = [
  {
    gas: 'Hydrogen',
    formula: 'H2',
    drawing: 'gas up',
    made: 'Two pieces of zinc or 2 cm of magnesium ribbon into 3 cm of dilute hydrochloric or sulfuric acid.',
    because: 'A metal above hydrogen gives it from the acid; nitric acid would give other gases.',
    led: 'Hold a dry tube upside down over the mouth for half a minute.',
    ledBecause: 'It is far lighter than air.',
    test: 'Bring a lighted splint to the mouth of the upper tube, mouth down.',
    testBecause: 'Mixed with air it burns with a pop.',
    caution: 'Flammable: no flame near the tube in which it is made; small amounts only.',
    words: 'hydrogen|lighted splint|burning splint',
  },
  {
    gas: 'Oxygen',
    formula: 'O2',
    drawing: 'gas over water',
    made: 'A spatula tip of manganese(IV) oxide into 3 cm of dilute hydrogen peroxide.',
    because: 'The oxide only speeds it up; it can be filtered off unchanged.',
    led: 'Over water, or test it in the mouth of the tube.',
    ledBecause: 'It hardly dissolves; the first bubbles are air.',
    test: 'Lower a glowing splint, no flame on it, into the tube.',
    testBecause: 'It bursts into flame; a burning one says nothing.',
    caution: 'Things burn fiercely in it: no grease, no paper near it.',
    words: 'oxygen|glowing splint|hydrogen peroxide',
  },
  {
    gas: 'Carbon dioxide',
    formula: 'CO2',
    drawing: 'gas into limewater',
    made: 'A spatula of a carbonate into 3 cm of dilute hydrochloric acid.',
    because: 'Sulfuric acid on marble stops: calcium sulfate covers the pieces.',
    led: 'Through a bent tube into 2 cm of limewater, its end below the surface.',
    ledBecause: 'It is heavier than air, and dissolves a little.',
    test: 'Wait for white cloudiness; take the tube out before the acid is done.',
    testBecause: 'Calcium carbonate; much of the gas dissolves it again. Suck-back comes when the tube cools.',
    caution: 'It displaces air: nothing on a large scale.',
    words: 'carbon dioxide|limewater|effervescen',
  },
  {
    gas: 'Ammonia',
    formula: 'NH3',
    drawing: 'gas up',
    made: 'Warm an ammonium salt with 2 cm of sodium hydroxide solution.',
    because: 'The stronger base sets the weaker one free; warm, it leaves the water.',
    led: 'Nothing is led off: hold the paper in the mouth of the tube.',
    ledBecause: 'It dissolves in water at once; through a tube the water is sucked back.',
    test: 'Damp red litmus at the mouth, not touching the glass.',
    testBecause: 'The only common gas that turns it blue; alkali on the rim does, too.',
    caution: 'It stings the eyes and lungs: waft, small amounts; hot alkali blinds, eye protection.',
    words: 'ammonia|damp (?:red )?litmus|red litmus|ammonium',
  },
  {
    gas: 'Sulfur dioxide',
    formula: 'SO2',
    drawing: 'tube in flame',
    made: 'Warm a little sulfite with 2 cm of dilute hydrochloric acid, in the fume cupboard.',
    because: 'A stronger acid drives the weaker one out.',
    led: 'Nothing is led off: paper with acidified manganate(VII) in the mouth.',
    ledBecause: 'It is heavier than air and dissolves well.',
    test: 'The purple paper loses its colour.',
    testBecause: 'It reduces manganate(VII); dichromate turns from orange to green.',
    caution: 'Poisonous and choking, dangerous with asthma: only in the fume cupboard and with the supervisor’s leave.',
    words: 'sulfur dioxide|sulfite',
  },
  {
    gas: 'Chlorine',
    formula: 'Cl2',
    drawing: 'tube in flame',
    made: 'Not by a student alone. Where it may be met (bleach and acid, manganate(VII) and hydrochloric acid) a drop of each, in the fume cupboard.',
    because: 'A few drops fill a tube with more than may be breathed.',
    led: 'Nothing is led off: paper in the mouth.',
    ledBecause: 'It is heavier than air and collects over the bench.',
    test: 'Damp blue litmus turns red, then white.',
    testBecause: 'An acid that bleaches.',
    caution: 'Poisonous: fume cupboard and supervisor; never bleach and acid elsewhere.',
    words: 'chlorine|bleach',
  },
  {
    gas: 'Hydrogen chloride',
    formula: 'HCl',
    drawing: 'tube in flame',
    made: 'Not by a student alone: a chloride with a drop of concentrated sulfuric acid, in the fume cupboard.',
    because: 'The acid that boils at a higher temperature drives the other out.',
    led: 'Nothing is led off: a rod with a drop of ammonia near the mouth.',
    ledBecause: 'Water is sucked back at once: it dissolves five hundredfold.',
    test: 'White smoke at the rod; damp blue litmus turns red and is not bleached.',
    testBecause: 'Both gases make solid ammonium chloride.',
    caution: 'Concentrated sulfuric acid burns, the gas chokes: supervisor and fume cupboard.',
    words: 'hydrogen chloride',
  },
  {
    gas: 'Nitrogen dioxide',
    formula: 'NO2',
    drawing: 'tube in flame',
    made: 'A few grains of lead or copper nitrate heated, in the fume cupboard; it also comes from nitric acid on copper.',
    because: 'Nitrates of heavy metals give it together with oxygen.',
    led: 'Nothing is led off.',
    ledBecause: 'It is heavier than air, and poisonous.',
    test: 'A brown gas; damp blue litmus turns red and is not bleached; a glowing splint may relight.',
    testBecause: 'Bromine is brown, too, but bleaches.',
    caution: 'Poisonous, and its harm comes hours later: fume cupboard only, tell the supervisor if you breathed it.',
    words: 'nitrogen dioxide|brown gas|nitrate.{0,40}heat',
  },
]

function guideOf(recipe: Recipe): Guide {
  return {
    id: `gas-${recipe.gas.toLowerCase().replace(/ /g, '-')}`,
    title: `${recipe.gas}: made, led off, told`,
    drawing: recipe.drawing,
    lines: [
      { do: recipe.made, because: recipe.because },
      { do: recipe.led, because: recipe.ledBecause },
      { do: recipe.test, because: recipe.testBecause },
      {
        do: 'Write gas and test as one: what was brought to the mouth, and what it did.',
        because: 'A gas that was not tested was not found.',
      },
    ],
    onePair: 'Have paper or splint ready before the acid goes in: most of the gas comes in the first seconds.',
    leftHand: 'Rack on the right, burner on the left.',
    timers: [],
    caution: `${recipe.caution} ${DEFERS}`,
    when: new RegExp(`\\b(?:${recipe.words})`, 'i'),
  }
}

export const GASES: readonly Guide[] = RECIPES.map(guideOf)
