import { DEFERS } from '../rack/index.ts'
import type { Guide } from './guide.ts'

/** Weighing, crushing, dissolving and making up (common practice). */
export const SOLIDS: readonly Guide[] = [
  {
    id: 'weighing-by-difference',
    title: 'Weighing by difference',
    drawing: 'balance',
    lines: [
      {
        do: 'Weigh the container with the solid, its lid on or off both times.',
        because: 'What is on at one weighing only counts as solid.',
      },
      {
        do: 'Read every figure the balance shows, noughts at the end, too.',
        because: 'A figure that is left out is a figure of the answer lost.',
      },
      { do: 'Tip the solid straight into the beaker or flask.', because: 'Nothing is left on a paper or a spatula on the way.' },
      {
        do: 'Weigh the container again, with what has stayed in it.',
        because: 'The difference is what left it; crumbs that cling are not counted.',
      },
      { do: 'Write both masses down before you subtract.', because: 'A reading can be looked at again, a difference cannot.' },
    ],
    onePair: 'Put the beaker on the bench beside the balance before you open the container.',
    leftHand: 'Stand so that the door of the balance opens on your left; write on that side, too.',
    timers: [],
    caution: `No solid on the pan itself: it corrodes. ${DEFERS}`,
    when: /\bweigh|\bre-?weigh|\bmass of\b.*\b(?:container|bottle|boat|beaker)/i,
  },
  {
    id: 'making-up',
    title: 'Dissolving and making up to the mark',
    drawing: 'volumetric flask',
    lines: [
      { do: 'Dissolve in a beaker in about a third of the water.', because: 'There has to be room for the washings.' },
      {
        do: 'Pour down the glass rod through a funnel; wash beaker, rod and funnel three times.',
        because: 'What stays on the glass would be missing from every portion.',
      },
      { do: 'Let it come to room temperature.', because: 'A warm solution shrinks below the mark when it cools.' },
      {
        do: 'Fill to a finger below the mark, then drop by drop with the eye at the mark.',
        because: 'Past the mark nothing can be taken out again.',
      },
      { do: 'Stopper, and turn it over twenty times.', because: 'The neck does not mix by itself: portions would differ.' },
    ],
    onePair: 'Clamp the funnel a little above the neck, so that air gets out while you pour with both hands.',
    leftHand: 'Turn the flask so that its label and mark face you when it stands at your left.',
    timers: [],
    caution: `Acid goes into water, never water into acid. ${DEFERS}`,
    when: /\bvolumetric|\bgraduated flask|\bstandard flask|\bto the mark\b|\bmake (?:it |the solution |this )?up\b|\bto volume\b/i,
  },
  {
    id: 'crushing-tablets',
    title: 'Crushing tablets',
    drawing: 'mortar',
    lines: [
      {
        do: 'Weigh the tablets together, and count them.',
        because: 'What is found is then shared among them: one tablet alone may be an odd one.',
      },
      { do: 'Press them to pieces first, then grind in circles.', because: 'Struck tablets jump out of the mortar.' },
      {
        do: 'Tip the powder into the beaker, and wash mortar and pestle into it with the liquid that dissolves it.',
        because: 'A film of powder is easily a hundredth of the whole.',
      },
      { do: 'Stir for some minutes; do not wait for the last white to go.', because: 'Filler never dissolves.' },
      { do: 'When you pipette, keep the tip off the bottom.', because: 'Filler stops the jet of the pipette.' },
    ],
    onePair: 'Stand the mortar on a damp cloth: it stays where it is.',
    leftHand: 'Grind towards your left, with the lip of the mortar pointing right for pouring.',
    timers: [{ says: 'Stir until nothing more dissolves', minutes: 5 }],
    caution: `Medicines in the laboratory are chemicals: none is tasted or kept. ${DEFERS}`,
    when: /\b(?:crush|grind|ground|mortar|pestle)\b/i,
  },
  {
    id: 'heating-to-constant-mass',
    title: 'Heating to constant mass',
    drawing: 'crucible',
    lines: [
      {
        do: 'Heat the empty crucible and its lid, let them cool, and weigh them.',
        because: 'Damp and dust that burn off later would count as loss.',
      },
      { do: 'Put the solid in and weigh again.', because: 'The difference is the sample.' },
      {
        do: 'Heat gently at first with the lid a little open, then with the air hole open and the lid on.',
        because: 'Steam that leaves all at once carries powder away.',
      },
      {
        do: 'Let it cool on the mat, best in a desiccator, and weigh.',
        because: 'Hot air lifts the pan, and many dry solids take water back from the air.',
      },
      { do: 'Heat, cool and weigh again until two masses agree.', because: 'Then nothing more is driven off.' },
    ],
    onePair: 'Lift lid and crucible one after the other; put the lid down on its edge against the mat.',
    leftHand: 'Put burner and gas tap so that you reach the tap without passing over the flame.',
    timers: [
      { says: 'Heat strongly', minutes: 5 },
      { says: 'Cool before weighing', minutes: 5 },
    ],
    caution: `A hot crucible looks like a cold one: tongs and a mat. Eye protection. ${DEFERS}`,
    when: /\bcrucible|\bconstant mass|\bheat\b.*\breweigh/i,
  },
]
