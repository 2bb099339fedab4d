import { DEFERS } from '../rack/index.ts'
import type { Guide } from './guide.ts'

/** Measuring and running in liquids (common practice). */
export const VOLUMES: readonly Guide[] = [
  {
    id: 'pipetting',
    title: 'Pipetting with a filler',
    drawing: 'pipette',
    lines: [
      {
        do: 'Rinse the pipette with water, then twice with a little of the solution.',
        because: 'Water that stays in it makes the portion weaker.',
      },
      {
        do: 'Keep the tip well under the surface and draw up past the mark.',
        because: 'Air at the tip shoots liquid into the filler.',
      },
      {
        do: 'Wipe the outside, and let it down to the mark with the eye at its height.',
        because: 'The bottom of the meniscus sits on the line only from there.',
      },
      {
        do: 'Touch the tip to the wall of the flask and let it run out by itself.',
        because: 'It is made to deliver its volume so.',
      },
      {
        do: 'Wait three seconds, touch the wall once more, take it away. Never blow.',
        because: 'The drop that stays in the tip was allowed for.',
      },
    ],
    onePair: 'Stand the bottle on a block, so that one hand holds the pipette and the other the filler.',
    leftHand: 'Hold the pipette in the right hand and work the filler with the left.',
    timers: [],
    caution: `A filler, never the mouth. Eye protection. ${DEFERS}`,
    when: /\bpipett?e|\baliquot/i,
  },
  {
    id: 'filling-a-burette',
    title: 'Rinsing and filling the burette',
    drawing: 'burette',
    lines: [
      {
        do: 'Rinse with water, then two or three times with 5 cm³ of its own solution, through the tap.',
        because: 'Water left inside makes the solution weaker, and titres too large.',
      },
      {
        do: 'Bring it down below your eyes, and fill it through a funnel held up a little.',
        because: 'You see the level come, and the air gets out.',
      },
      { do: 'Take the funnel out.', because: 'It drips for minutes, and the titre comes out too small.' },
      {
        do: 'Run some through with a quick turn until no bubble is in the jet.',
        because: 'A bubble that leaves during the run is read as liquid.',
      },
      {
        do: 'Read with the eye at the meniscus, to two decimals; 0 is written 0.00.',
        because: 'From above or below it looks higher or lower than it is.',
      },
    ],
    onePair: 'Close the tap before you pour: it is forgotten once by everyone.',
    leftHand:
      'Turn the burette so that the tap points to your right; work it with the right hand from behind, and swirl with the left.',
    timers: [],
    caution: `Fill below eye level: splashes fall into the eyes from above. ${DEFERS}`,
    when: /\b(?:rinse|fill|refill|put|load|charge)\b[^.]*\bburet/i,
  },
  {
    id: 'drops-and-half-drops',
    title: 'Slowing to drops and half drops',
    drawing: 'drop',
    lines: [
      { do: 'Swirl all the time, on a white tile.', because: 'Colour that stays where the drops fall is not the end-point.' },
      {
        do: 'Run in quickly until the colour takes longer to go, or to 2 cm³ before the expected end.',
        because: 'That is where it gets near.',
      },
      { do: 'Then drop by drop; wait after each.', because: 'One drop is 0.05 cm³: as much as the reading.' },
      {
        do: 'For half a drop let one hang, touch it to the wall, and wash it down.',
        because: 'The last drop need not be a whole one.',
      },
      {
        do: 'Stop at the first colour that stays as long as your sheet says; wash the walls once more and look again.',
        because: 'Splashes on the wall have not reacted yet; water changes no amount.',
      },
    ],
    onePair: 'Left hand round the tap from behind, right hand swirls: neither has to change.',
    leftHand: 'The other way round: right hand at the tap, left hand swirls.',
    timers: [{ says: 'The colour has to last', minutes: 0.5 }],
    caution: `Manganate(VII), iodine and silver nitrate stain skin and bench. ${DEFERS}`,
    when: /\btitrat|\bend[- ]?point|\bdropwise\b.*\bburet|\brun in\b/i,
  },
  {
    id: 'stepwise-dilution',
    title: 'Diluting step by step',
    drawing: 'dilution',
    lines: [
      {
        do: 'Label every flask before you begin: 1, 1/10, 1/100.',
        because: 'Colourless solutions cannot be told apart afterwards.',
      },
      {
        do: 'Pipette 10.0 cm³ into a 100 cm³ flask, fill to the mark, turn over twenty times.',
        because: 'A portion of an unmixed flask holds anything.',
      },
      {
        do: 'Take the next portion from the new flask, with the pipette rinsed in it.',
        because: 'What clings from the stronger one would count ten times.',
      },
      {
        do: 'Go from the weakest to the strongest when you measure.',
        because: 'A rest of a weak solution hardly changes a strong one.',
      },
    ],
    onePair: 'Put the flasks in a row in the order of use; move each behind you when it is done.',
    leftHand: 'Let the row run from right to left.',
    timers: [],
    caution: `A strong acid or alkali is diluted into water. ${DEFERS}`,
    when: /\bdilut/i,
  },
  {
    id: 'gas-syringe',
    title: 'Reading a gas syringe',
    drawing: 'syringe',
    lines: [
      {
        do: 'Try the plunger: it has to slide and turn by itself.',
        because: 'A plunger that sticks holds back gas and then jumps.',
      },
      { do: 'Clamp it level, and read nought before you begin.', because: 'Upright, its weight presses on the gas.' },
      {
        do: 'Have the bung in one hand and the solid in the other; in, bung on, clock on.',
        because: 'What comes before the bung is missing from every reading.',
      },
      { do: 'Swirl all the time in the same way.', because: 'Gas stays dissolved, or sits on the solid as bubbles.' },
      {
        do: 'Read at the front edge of the plunger at each time, ready or not.',
        because: 'A missed time is better left out than read late.',
      },
    ],
    onePair: 'Hang the solid in a small tube inside the flask, and tip it over when all is closed.',
    leftHand: 'Let the syringe point to your right and swirl with the left hand.',
    timers: [],
    caution: `Never close it on more gas than it holds: the plunger is shot out. ${DEFERS}`,
    when: /\bsyringe|\bgas\b.*\bcollect|\bvolume of (?:the )?gas/i,
  },
  {
    id: 'temperature-run',
    title: 'A run of temperatures in a cup',
    drawing: 'cup',
    lines: [
      { do: 'Stand the cup in a beaker, with a lid that has a hole.', because: 'It does not fall over, and loses less heat.' },
      { do: 'Leave the thermometer in, its bulb covered.', because: 'Taken out it shows the air.' },
      {
        do: 'Read to half a division, the starting temperature for some minutes first.',
        because: 'The line before has to be drawn, too.',
      },
      { do: 'Add, stir at once, and read the highest value.', because: 'Heat is lost from the first second.' },
      {
        do: 'Go on without a pause, and draw two lines through the points.',
        because: 'Where they cross the loss is made good; the highest point is too low.',
      },
    ],
    onePair: 'Write while you stir with the other hand; have the table drawn before you begin.',
    leftHand: 'Burette on your right, pencil on your left.',
    timers: [],
    caution: `A thermometer is no stirring rod: its bulb is thin. Eye protection. ${DEFERS}`,
    when: /\b(?:plastic|foam|polystyrene|insulated) cup|\btemperature\b.*\b(?:each|every|after)\b|\bcalorimeter/i,
  },
]
