import { DEFERS } from '../rack/index.ts'
import type { Guide } from './guide.ts'

/** Bringing solids and liquids apart, and colours on paper (common practice). */
export const SEPARATING: readonly Guide[] = [
  {
    id: 'saturated-solution',
    title: 'Making a saturated solution',
    drawing: 'saturated',
    lines: [
      {
        do: 'Stir the powdered solid with water for two or three minutes.',
        because: 'Solid at the bottom dissolves only into the water beside it.',
      },
      {
        do: 'Add more as long as it vanishes; stop when some stays.',
        because: 'Solid left over is the proof that the water can take no more.',
      },
      { do: 'Note the temperature.', because: 'Solubility means nothing without it.' },
      { do: 'Let it settle.', because: 'A grain that is pipetted along counts as dissolved.' },
      {
        do: 'Filter through a dry paper into a dry flask, the first few drops thrown away.',
        because: 'Water in the flask makes it weaker.',
      },
    ],
    onePair: 'While it settles rinse and fill the burette and fold the paper.',
    leftHand: 'Nothing is other than for the right.',
    timers: [
      { says: 'Stir', minutes: 3 },
      { says: 'Settle', minutes: 5 },
    ],
    caution: `Eye protection: many saturated solutions are strongly alkaline. ${DEFERS}`,
    when: /\bsaturated/i,
  },
  {
    id: 'filtering',
    title: 'Folding the paper and filtering',
    drawing: 'filter',
    lines: [
      {
        do: 'Fold in half, then not quite in half again; open it to a cone.',
        because: 'A slightly wider cone lies close at the rim and lets nothing past.',
      },
      { do: 'Wet it and press it against the funnel.', because: 'Air behind the paper stops the flow.' },
      {
        do: 'Let the stem touch the wall of the beaker.',
        because: 'Drops that fall splash; along the wall it draws the liquid through.',
      },
      {
        do: 'Pour the clear liquid first, down a rod, never above two thirds.',
        because: 'Solid stops the paper, and above its rim liquid runs past.',
      },
      {
        do: 'Wash the solid with a little cold water, in small lots.',
        because: 'What clings to it is of the solution; several small washings take more than one large.',
      },
    ],
    onePair: 'A ring and a stand hold the funnel; pour with one hand, guide the rod with the other.',
    leftHand: 'Turn the lip of the beaker to your right.',
    timers: [{ says: 'Run through', minutes: 4 }],
    caution: `Hot liquids in a funnel spit. ${DEFERS}`,
    when: /\bfilter|\bfiltrate|\bresidue/i,
  },
  {
    id: 'boiling-off',
    title: 'Boiling off',
    drawing: 'boiling off',
    lines: [
      { do: 'Fill the dish to no more than half, and stand it on gauze.', because: 'Boiling liquid climbs.' },
      {
        do: 'Heat until it boils gently, and stir when crystals begin to show at the edge.',
        because: 'Crystals on a dry wall crack and jump.',
      },
      {
        do: 'Take the flame away while a little liquid is left.',
        because: 'The dish is hot enough for the rest; dry crystals spit and may fall apart.',
      },
      {
        do: 'Let it stand and cool; dry the crystals between filter papers.',
        because: 'Crystals that grow slowly are large, and lose their water when they are heated.',
      },
    ],
    onePair: 'Turn the burner down rather than lifting the dish.',
    leftHand: 'Hold the rod in the left and keep the right for the gas.',
    timers: [{ says: 'Boil down', minutes: 8 }],
    caution: `Eye protection until it is cold: the last of it spits. Never boil a flammable liquid over a flame. ${DEFERS}`,
    when: /\bboil (?:off|down|away)|\bevaporat/i,
  },
  {
    id: 'chromatogram',
    title: 'Setting up a chromatogram',
    drawing: 'paper',
    lines: [
      {
        do: 'Draw the line in pencil, 1.5 to 2 cm from the edge.',
        because: 'Ink would run along with the rest; below it the solvent has to stand.',
      },
      {
        do: 'Small spots, dried between two dabs; write below each what it is.',
        because: 'A large spot becomes a long smear without a middle.',
      },
      {
        do: 'The solvent lower than the line, the lid on before the paper goes in.',
        because: 'Spots under it dissolve away; a closed jar keeps the paper wet.',
      },
      { do: 'Leave it alone until the front is near the top.', because: 'Moved paper runs crooked.' },
      {
        do: 'Mark the front at once, then dry, and measure to the middle of each spot.',
        because: 'The front is gone when the paper is dry.',
      },
    ],
    onePair: 'A clip and a pencil across the jar hold the paper.',
    leftHand: 'Nothing is other than for the right.',
    timers: [{ says: 'Run up', minutes: 25 }],
    caution: `Organic solvents: no flame in the room, and the lid on. ${DEFERS}`,
    when: /\bchromatogra|\bsolvent front|\bspots? of|\bRf\b|\bpencil line|\bstart line/i,
  },
]
