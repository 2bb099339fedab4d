import { DEFERS } from '../rack/index.ts'
import type { Guide } from './guide.ts'

/** Tubes and wires in the flame (common practice). */
export const FLAMES: readonly Guide[] = [
  {
    id: 'tube-in-a-flame',
    title: 'Holding a tube in a flame',
    drawing: 'tube in flame',
    lines: [
      {
        do: 'No more than a quarter full; the holder near the mouth.',
        because: 'Boiling liquid shoots up; the glass below is hot.',
      },
      { do: 'Slanted, its mouth away from everybody.', because: 'It may be thrown out.' },
      {
        do: 'Heat below the surface, not at the very bottom, and keep it moving.',
        because: 'A bubble of steam that forms at one place throws out what is above it.',
      },
      {
        do: 'To warm, take it in and out of the edge of the flame, or stand it in hot water.',
        because: 'Warm is not boiling: precipitates and ammonia are gone when it boils.',
      },
      {
        do: 'Hold a paper or splint at the mouth while it is hot, and not on the glass.',
        because: 'The gas cools in the tube; alkali on the rim turns litmus by itself.',
      },
    ],
    onePair: 'Have paper or splint ready in the free hand before you heat; light the splint at the burner.',
    leftHand: 'Holder in the left, splint in the right, burner a little to the left.',
    timers: [],
    caution: `Eye protection; mouth away from people; small amounts. ${DEFERS}`,
    when: /\b(?:heat|warm|boil)\b[^.]*\b(?:tube|mixture|gently|solution)|\btest-?tube\b[^.]*\b(?:heat|warm|boil)/i,
  },
  {
    id: 'flame-test',
    title: 'Flame tests',
    drawing: 'wire',
    lines: [
      {
        do: 'Dip the wire in hydrochloric acid and hold it in the flame until it gives no colour.',
        because: 'The last sample would be seen again; chlorides vaporise best.',
      },
      { do: 'Blue flame, air hole open.', because: 'A yellow flame hides every colour.' },
      {
        do: 'Moist wire, a few grains, into the edge of the flame.',
        because: 'There it is hottest, and the colour stands apart.',
      },
      {
        do: 'Look at the first moment; for lilac through blue glass.',
        because: 'A trace of sodium shines yellow over everything.',
      },
      { do: 'Write the colour, not the metal.', because: 'Red is lithium, calcium or strontium: shade and other tests tell.' },
    ],
    onePair: 'Stand acid and solid on the same side of the burner.',
    leftHand: 'Burner in front, samples on the left.',
    timers: [],
    caution: `Concentrated acid: a drop in a small dish, gloves if your laboratory asks for them; barium salts are poisonous. ${DEFERS}`,
    when: /\bflame test|\bflame colou?r|\bnichrome|\bplatinum wire/i,
  },
]
