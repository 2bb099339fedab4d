import { describe, expect, it } from 'vitest'
import type { Task } from '../record/index.ts'
import { factsOf } from '../writeup/index.ts'
import { demo } from '../writeup/testing/demo.ts'
import { answerInWords, readAnswer, sayInWords } from './index.ts'

const asked = (name: string, text: string, change: (task: Task) => void = () => {}) =>
  answerInWords(factsOf(demo(name, change)), { id: 'x', text, find: { quantity: 'words' } })

const answered = (name: string, text: string) => {
  const found = asked(name, text)
  if (!found) throw new Error(`Nothing is said to “${text}”.`)
  return { found, says: sayInWords(found) }
}

/** Answers by common practice of school chemistry; numbers by hand from the demo task's readings. */
describe('questions in words', () => {
  it.each([
    ['iron-in-lawn-sand', 'Why is no indicator needed?', /own indicator.*purple.*colourless.*first drop/],
    ['iron-in-lawn-sand', 'Explain why the solution turns pink at the end-point.', /manganese\(II\)/],
    [
      'iron-in-lawn-sand',
      'Which substance is oxidised? How many electrons does it lose?',
      /iron\(II\) is oxidised.*one electron.*five electrons/,
    ],
    ['copper-in-verdigris', 'Explain the colour change at the end-point.', /[Ss]tarch.*blue-black.*iodine/],
    ['copper-in-verdigris', 'Why is K in excess?', /all of the other.*K in excess/],
    ['chalk-in-oyster-shell', 'Why is S not titrated directly with A?', /too slowly.*excess/],
    ['acid-in-orchard-vinegar', 'Why is phenolphthalein used?', /acid is weak.*alkaline/],
    ['paper-from-the-pier', 'Why is phenolphthalein used, and not methyl orange?', /acid is weak.*alkaline/],
    ['kiln-wash-alkali', 'Is the reaction exothermic or endothermic?', /exothermic: the temperature rose by 7\.5 °C/],
    ['kiln-wash-alkali', 'Explain why the temperature falls after the maximum.', /used up.*cooler/],
    ['shell-and-acid', 'Why does the curve become flat?', /used up/],
    ['shell-and-acid', 'Explain, in terms of particles, why the two rates differ.', /collide more often.*energy/],
    ['dyes-of-lichen-inks', 'Which dyes are in each ink?', /Ink A contains orchil.*crottle/],
    ['dyes-of-lichen-inks', 'Work out Rf of every spot.', /orchil 0\.42; crottle 0\.66.*ink B 0\.86/],
    ['dyes-of-lichen-inks', 'Why is the line drawn in pencil?', /does not dissolve/],
    ['water-in-washing-soda', 'Why was W heated again and weighed?', /driven off|drives off/],
    [
      'iron-in-lawn-sand',
      'Why is a pipette used for F4 and not a measuring cylinder?',
      /25\.0 cm³ to ±0\.06.*measuring cylinder only to ±0\.5/,
    ],
    ['iron-in-lawn-sand', 'Why is the pipette more accurate than a cylinder?', /to ±0\.06/],
    ['iron-in-lawn-sand', 'Why must the burette be rinsed with F2?', /dilute F2/],
    // A test and its result: one of several (common practice).
    ['iron-in-lawn-sand', 'Give a test for ammonia and its result.', /damp red litmus paper.*blue/],
    ['iron-in-lawn-sand', 'Describe a chemical test for carbon dioxide.', /limewater.*milky/],
    ['four-jars', 'Suggest a test that confirms the sulfate ion.', /nitric acid.*barium nitrate: white precipitate/],
    ['four-jars', 'Give a test for chloride ions.', /silver nitrate: white precipitate/],
    ['four-jars', 'Give a test for iron(III) ions.', /sodium hydroxide: red-brown precipitate/],
    ['four-jars', 'State a test for water.', /copper\(II\) sulfate.*blue/],
    ['four-jars', 'Give a test for an alkene.', /bromine water.*colourless/],
  ])('%s: %s', (name, question, says) => {
    expect(answered(name, question).says).toMatch(says)
  })

  // 20.68 cm³ is the mean; half of the portion takes half of it, twice the strength in the burette too.
  it.each([
    ['What would happen to the volume of F2 if half the volume of F4 was used?', /10\.34 cm³ instead of 20\.68/],
    ['What would happen to the titre if the concentration of F2 were doubled?', /10\.34 cm³ instead of 20\.68/],
    ['What would happen to the titre if twice the volume of F4 was taken?', /41\.35 cm³ instead of 20\.68/],
    ['What would be the effect on the answer if the conical flask was wet with water?', /Nothing would change/],
    ['What effect would it have if the burette was rinsed with water only?', /too large.*[Ww]ater left in the burette/],
  ])('computes what would be otherwise: %s', (question, says) => {
    expect(answered('iron-in-lawn-sand', question).says).toMatch(says)
  })

  it.each([
    ['iron-in-lawn-sand', 'What would happen to the titre if F2 and F4 were both doubled?'],
    ['iron-in-lawn-sand', 'Is the reaction exothermic?'],
    ['kiln-wash-alkali', 'Why is no indicator needed?'],
    ['hardness-of-the-well', 'What does boiling do to the hardness of the water?'],
    ['iron-in-lawn-sand', 'Who bought the sand?'],
    // Nearly a question that is known, and about something else.
    ['kiln-wash-alkali', 'Why need the cup not be rinsed with K?'],
    ['iron-in-lawn-sand', 'Why is the pipette not filled by mouth?'],
    ['iron-in-lawn-sand', 'Why does the damp litmus turn blue?'],
    ['iron-in-lawn-sand', 'Why is the beaker rinsed into the flask?'],
    ['iron-in-lawn-sand', 'Why is the sand washed several times?'],
    ['water-in-washing-soda', 'Why is the heating repeated?'],
    ['four-jars', 'What does the test with silver nitrate show?'],
    ['four-jars', 'Why is the test done in a fume cupboard?'],
    ['iron-in-lawn-sand', 'Give a test for unicorns.'],
  ])('is left to the student where the record says nothing: %s: %s', (name, question) => {
    expect(asked(name, question)).toBeUndefined()
  })

  it('wants as many as are asked for', () => {
    expect(answered('iron-in-lawn-sand', 'Suggest two improvements.').found.times).toBe(2)
    expect(answered('iron-in-lawn-sand', 'State an assumption that you made.').found.times).toBe(1)
    expect(answered('iron-in-lawn-sand', 'Suggest two improvements.').says).toBe(
      'A class A burette. A balance that shows 0.001 g.',
    )
  })

  it('follows the record: what is best to improve changes with it', () => {
    const better = asked('iron-in-lawn-sand', 'Suggest an improvement.', (task) => {
      task.conventions.burette.class = 'A'
    })
    expect(better && sayInWords(better)).toBe('A balance that shows 0.001 g.')
  })
})

describe('an answer is read for its points', () => {
  const read = (name: string, question: string, text: string) => {
    const { found, missing, wanted } = readAnswer(text, answered(name, question).found)
    return [found.length, missing.length, wanted]
  }

  it.each([
    // In a student's words, all of them right (invented).
    ['Manganate(VII) is deep violet and what it becomes has hardly a colour: the first drop too much shows pink.', 3],
    ['because it is purple itself and goes colourless, so one drop extra stays pink', 3],
    ['It is its own indicator as it is coloured and Mn2+ is almost colorless; at the end point it is no longer decolourised', 3],
    ['because it is purple', 1],
    ['I do not know', 0],
  ])('finds what is there: %s', (text, points) => {
    expect(read('iron-in-lawn-sand', 'Why is no indicator needed?', text)).toEqual([points, 3 - points, 3])
  })

  it('takes any of several ways', () => {
    const question = 'Give a test for ammonia and its result.'
    expect(read('iron-in-lawn-sand', question, 'Damp red litmus turns blue')).toEqual([2, 0, 2])
    expect(read('iron-in-lawn-sand', question, 'Damp red litmus')).toEqual([1, 1, 2])
    expect(read('iron-in-lawn-sand', 'State a test for water.', 'cobalt chloride paper goes pink')).toEqual([2, 0, 2])
    expect(
      read(
        'iron-in-lawn-sand',
        'Suggest two improvements.',
        'Use a class A burette, and a balance with three decimals that shows more.',
      ),
    ).toEqual([2, 0, 2])
  })

  it('reads what was computed', () => {
    expect(
      read(
        'iron-in-lawn-sand',
        'What would happen to the titre if the concentration of F2 were doubled?',
        'It would be half as much since each cm3 is twice as concentrated',
      ),
    ).toEqual([2, 0, 2])
    expect(
      read(
        'iron-in-lawn-sand',
        'What would be the effect on the answer if the conical flask was wet with water?',
        'no effect, the amount in the flask is the same',
      ),
    ).toEqual([2, 0, 2])
  })

  it('finds its own answer whole', () => {
    for (const question of [
      'Why is no indicator needed?',
      'Suggest two improvements.',
      'State an assumption.',
      'Give a test for chloride ions.',
      'Why is a rough titration done first?',
    ]) {
      const { found, says } = answered('iron-in-lawn-sand', question)
      expect(readAnswer(says, found).missing, question).toEqual([])
    }
  })
})
