import { problemsIn, type Wording } from '../problem/index.ts'

interface TwoMasses extends Record<string, string> {
  readonly heavier: string
  readonly lighter: string
}

/** What looks wrong in weighings, references, equations and tubes, in words. */
export const recordProblem = problemsIn({
  'weighing.residueHeavier': {
    level: 'error',
    says: ({ heavier, lighter }) =>
      `Container + residue, ${lighter} g, is not lighter than container + sample, ${heavier} g: no sample would have been taken.`,
    mend: () => 'Swapped? Or the lid was off at one of them. Look at both again.',
  } satisfies Wording<TwoMasses>,
  'weighing.containerHeavier': {
    level: 'error',
    says: ({ heavier, lighter }) => `The empty container, ${lighter} g, is not lighter than container + sample, ${heavier} g.`,
    mend: () => 'Swapped? Look at both again.',
  } satisfies Wording<TwoMasses>,
  'weighing.residueBelowContainer': {
    level: 'error',
    says: ({ heavier, lighter }) => `Container + residue, ${lighter} g, weighs less than the empty container, ${heavier} g.`,
    mend: () => 'Another container, the lid left off, or a misreading: weigh again if you can.',
  } satisfies Wording<TwoMasses>,
  'weighing.places': {
    level: 'advice',
    says: ({ text }) => `${text} g has fewer decimals than the other weighing: a balance is written to its full display.`,
    mend: ({ full }) => `If it showed ${full}, write that.`,
  } satisfies Wording<{ text: string; full: string }>,
  'weighing.notPositive': {
    level: 'error',
    says: ({ mass }) => `A mass of ${mass} g cannot be.`,
    mend: ({ of }) => `Weigh ${of} again, or strike this reading.`,
  } satisfies Wording<{ mass: string; of: string }>,
  'weighing.lidOnce': {
    level: 'query',
    says: ({ which }) => `The lid was on at the ${which} weighing only, so its mass is in the difference.`,
    mend: () => 'Weigh with the lid both times or neither; weigh the lid alone if it is too late.',
  } satisfies Wording<{ which: string }>,
  'series.cannotPlot': {
    level: 'error',
    says: ({ text, name }) => `${text} cannot be plotted as ${name}: nought and what is below it have none.`,
    mend: () => 'Look at the reading again, or plot the axis as it was read.',
  } satisfies Wording<{ text: string; name: string }>,
  'series.unknownBeyond': {
    level: 'query',
    says: ({ of, y, from, to }) =>
      `The reading of ${of}, ${y}, lies beyond those of the points, ${from} to ${to}: nothing shows that the line goes on so.`,
    mend: () => 'Dilute the sample so that it falls among the points, or measure a point beyond it.',
  } satisfies Wording<{ of: string; y: string; from: string; to: string }>,
  'reading.rival': {
    level: 'query',
    says: ({ value, rival }) => `Two values were entered at the same time: ${value} and ${rival}.`,
    mend: () => 'Look again and choose one; the other is struck through and kept.',
  } satisfies Wording<{ value: string; rival: string }>,
  'reference.material': {
    level: 'error',
    says: ({ id }) => `There is no material '${id}' in this task.`,
    mend: ({ there }) => `Choose one there is (${there}), or add it.`,
  } satisfies Wording<{ id: string; there: string }>,
  'reference.weighing': {
    level: 'error',
    says: ({ id }) => `There is no weighing '${id}' in this task.`,
    mend: ({ there }) => `Choose one there is (${there}), or add it.`,
  } satisfies Wording<{ id: string; there: string }>,
  'volume.notPositive': {
    level: 'error',
    says: ({ text, of }) => `A volume of ${text} of ${of} cannot be.`,
    mend: () => 'Write the volume that was measured out.',
  } satisfies Wording<{ text: string; of: string }>,
  'solution.ofItself': {
    level: 'error',
    says: ({ of }) => `${of} would be made up from itself.`,
    mend: () => 'Give what comes out of the flask a name of its own.',
  } satisfies Wording<{ of: string }>,
  'titration.ofItself': {
    level: 'error',
    says: () => 'A titration cannot go on with itself.',
    mend: () => 'Choose the one before it, or a flask of its own.',
  } satisfies Wording<Record<string, string>>,
  'question.ofItself': {
    level: 'error',
    says: () => 'This question asks about its own answer.',
    mend: () => 'Choose another answer.',
  } satisfies Wording<Record<string, string>>,
  'question.nothingThere': {
    level: 'error',
    says: ({ id }) => `This question is about '${id}', which is not in the record.`,
    mend: ({ there }) => `Choose what there is: ${there}.`,
  } satisfies Wording<{ id: string; there: string }>,
  'strength.oneFigure': {
    level: 'advice',
    says: ({ value, unit }) => `A strength of ${value} ${unit} has one figure only, and so would every answer.`,
    mend: ({ value }) => `If the label says more, such as ${value}${value.includes('.') ? '' : '.'}00, write that.`,
  } satisfies Wording<{ value: string; unit: string }>,
  'strength.contradicted': {
    level: 'query',
    says: ({ of, stated, found, unit }) =>
      `The label of ${of} says ${stated} ${unit}, but by what was measured it is ${found} ${unit}.`,
    mend: () =>
      'Look at the label, the portion and the readings again; if the label is not to be trusted, take its strength out.',
  } satisfies Wording<{ of: string; stated: string; found: string; unit: string }>,
  'indicator.noEnd': {
    level: 'query',
    says: ({ named }) => `${named} goes through many colours and shows no sharp end-point.`,
    mend: () => 'Take an indicator with one change, for a strong acid and alkali methyl orange or phenolphthalein.',
  } satisfies Wording<{ named: string }>,
  'indicator.off': {
    level: 'query',
    says: ({ indicator, first, last, from, to }) =>
      `${indicator} changes between pH ${first} and ${last}, but at the equivalence the pH goes from ${from} to ${to}: it would show another place.`,
    mend: ({ better }) => `Take ${better}.`,
  } satisfies Wording<{ indicator: string; first: string; last: string; from: string; to: string; better: string }>,
  'equation.moreReacts': {
    level: 'query',
    says: ({ indicator, each, more, of, burette }) =>
      `By the equation ${each} ${burette} reacts with each ${of}, but where ${indicator} changes ${more} have.`,
    mend: ({ more, of, burette }) =>
      `Write the equation with ${more} ${burette} to each ${of}, or take an indicator that changes at the first step.`,
  } satisfies Wording<{ indicator: string; each: string; more: string; of: string; burette: string }>,
  'flask.precipitate': {
    level: 'query',
    says: ({ labels, solid }) => `${labels} give a solid where they are mixed, ${solid}: what is in it is not titrated.`,
    mend: () => 'Leave one of them out, take another acid or salt, or write the reaction that uses the solid.',
  } satisfies Wording<{ labels: string; solid: string }>,
  'manganate.chloride': {
    level: 'query',
    says: () =>
      'Manganate(VII) oxidises the chloride of hydrochloric acid too, to poisonous chlorine, and the titre is too large.',
    mend: () => 'Acidify with dilute sulfuric acid.',
  } satisfies Wording<Record<string, string>>,
  'manganate.noAcid': {
    level: 'query',
    says: () => 'There is no acid in the flask: manganate(VII) would go to brown manganese dioxide instead of Mn2+.',
    mend: () => 'Add dilute sulfuric acid, well in excess, and list it in the flask.',
  } satisfies Wording<Record<string, string>>,
  'titre.willNotFit': {
    level: 'query',
    says: ({ expected, capacity, burette }) =>
      `By the labels about ${expected} cm³ of ${burette} would be needed, more than the ${capacity} cm³ of the burette.`,
    mend: () => 'Take a smaller portion, or dilute what is in the flask.',
  } satisfies Wording<{ expected: string; capacity: string; burette: string }>,
  'titre.tooSmall': {
    level: 'query',
    says: ({ expected, burette }) =>
      `By the labels only about ${expected} cm³ of ${burette} would be needed, which is read too coarsely.`,
    mend: () => 'Take a larger portion, or a weaker solution in the burette.',
  } satisfies Wording<{ expected: string; capacity: string; burette: string }>,
  'own.line': {
    level: 'query',
    says: ({ says }) => `Your own line: ${says}`,
    mend: () => 'Work the line out again from the numbers in it.',
  } satisfies Wording<{ says: string }>,
  'reference.titration': {
    level: 'error',
    says: ({ id }) => `There is no titration '${id}' in this task to go on with.`,
    mend: ({ there }) => `Choose one there is (${there}), or give it a flask of its own.`,
  } satisfies Wording<{ id: string; there: string }>,
  'reference.series': {
    level: 'error',
    says: ({ id }) => `There is no run of readings '${id}' in this task whose lines could cross.`,
    mend: ({ there }) => `Choose one there is (${there}), or titrate to an end-point.`,
  } satisfies Wording<{ id: string; there: string }>,
  'equation.unbalanced': {
    level: 'error',
    says: ({ sides }) => `This equation is not balanced: ${sides}.`,
    mend: ({ mend }) => mend,
  } satisfies Wording<{ sides: string; mend: string }>,
  'step.unknownReagent': {
    level: 'advice',
    says: ({ reagent, tube }) =>
      `“${reagent}” is no bottle known here: what is seen in ${tube} from there on is kept, but tells nothing of the sample.`,
    mend: () => 'If it is one of the bottles of the reference, correct its name; otherwise leave it as you wrote it.',
  } satisfies Wording<{ reagent: string; tube: string }>,
})

/** How a formula, and an equation, is written that can be read. */
export const WRITE_FORMULA = 'Write it as on the bottle, like KMnO4 or (NH4)2Fe(SO4)2.6H2O.'
export const WRITE_EQUATION = 'Write it like MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 5Fe3+ + 4H2O.'
/** What an observation is better put as. */
export const betterWording = (instead: string | undefined): string =>
  instead === undefined ? 'Put it in words of what was seen.' : `Better: ${instead}.`
export const balancedIs = (balanced: string): string => `Balanced it is ${balanced}.`
