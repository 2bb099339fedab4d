import { nearestGlass } from '../../glassware/index.ts'
import { endPointOf, natureOf } from '../../indicator/index.ts'
import { reactingIn } from '../../reckon/index.ts'
import { buretteOf, entryText, findMaterial, materialLabel, type PartOf, type Task } from '../../record/index.ts'
import { parseEquation, parseFormula } from '../../substance/index.ts'
import { readinessOf } from '../../titration/index.ts'
import type { Topic, Way } from '../answer.ts'
import { point, pointOf, way } from '../points.ts'
import { speaksOf } from '../speaksOf.ts'

type Titration = PartOf<'titration'>

const titrationsIn = ({ parts }: Task) => parts.filter((part) => part.kind === 'titration')

const equationOf = ({ reactions }: Titration) => reactions.find(({ role }) => role === 'titration')?.equation ?? ''

/** What is in burette and flask, for the colours of the end-point. */
function reacting(task: Task, part: Titration) {
  const solute = (id: string) => {
    const formula = findMaterial(task, id)?.solute
    return formula === undefined ? undefined : parseFormula(formula)
  }
  const flask = part.flask.flatMap((content) => ('material' in content ? (solute(content.material) ?? []) : []))
  const equation = equationOf(part)
  const others = equation ? parseEquation(equation).reactants.map(({ formula }) => formula) : []
  return { burette: solute(buretteOf(part)), flask: [...flask, ...others] }
}

const usesManganate = (task: Task, part: Titration) =>
  [reacting(task, part).burette, ...reacting(task, part).flask].some((one) => /MnO4/.test(one?.text ?? ''))

const MANGANATE: Way = way(
  'Manganate(VII) is its own indicator: it is deep purple, and what it is reduced to, manganese(II), is nearly colourless; so the first drop in excess turns the flask pink.',
  point('manganate(VII) is strongly coloured', 'purple|violet|pink|coloured|strong colou?r'),
  point('what it becomes has hardly a colour', 'colou?rless|hardly|pale|no colou?r|loses|decolou?ri'),
  point('the first drop in excess shows', 'excess|drop|extra|persist|last|stay|remain|end.?point|too much'),
)

const noIndicator: Topic = {
  topic: 'no indicator',
  asked:
    /\b(no|without an?|not need(?:ed)? an?|does not need an?)\s+(?:\w+\s+)?indicator\b|indicator (?:is )?not (?:needed|used|required)/i,
  ways: ({ task }) => (titrationsIn(task).some((part) => usesManganate(task, part)) ? [MANGANATE] : []),
}

/** Weak acids of school titrations, by their formulae. */
const WEAK_ACID = /COOH|C6H8O7|C4H6O6|C3H6O3|C2H4O2|KHC8H4O4|H2C2O4|H3PO4|HSO3|H2CO3|C9H8O4|C6H8O6/

/** What the pH is at the equivalence, by what reacts: a weak acid leaves its base, a weak base its acid. */
function atEquivalence(task: Task, part: Titration): Way | undefined {
  const { burette, flask } = reacting(task, part)
  const there = [burette, ...flask].flatMap((one) => one ?? [])
  const acids = there.filter((one) => natureOf(one) === 'acid' || WEAK_ACID.test(one.text)).map(({ text }) => text)
  const bases = there.filter((one) => natureOf(one) === 'base' && !acids.includes(one.text)).map(({ text }) => text)
  const weakAcid = acids.some((text) => WEAK_ACID.test(text))
  const weakBase = bases.some((text) => /NH3|CO3|B4O7|PO4/.test(text))
  if (weakAcid && !weakBase)
    return way(
      'The acid is weak and the alkali strong, so at the equivalence the salt makes the solution alkaline; the indicator must change there, above pH 7, where the pH rises steeply.',
      point('a weak acid with a strong alkali', 'weak acid', 'strong base|strong alkali'),
      point('the solution is alkaline at the equivalence', 'alkaline|basic|above|8|9|greater', 'ph ris|steep'),
    )
  if (weakBase && !weakAcid)
    return way(
      'The base is weak and the acid strong, so at the equivalence the solution is acidic; the indicator must change there, below pH 7, where the pH falls steeply.',
      point('a weak base with a strong acid', 'weak base|weak alkali|carbonate', 'strong acid'),
      point('the solution is acidic at the equivalence', 'acidic|below|3|4|5|less', 'ph fall|steep'),
    )
  if (acids.length > 0 && bases.length > 0)
    return way(
      'Acid and alkali are both strong: the pH leaps from about 3 to about 11 at the equivalence, and any indicator that changes in between will do.',
      point('both are strong', 'both strong|strong acid'),
      point('the pH leaps at the equivalence', 'steep|vertical|leap|large change|jump|between|range'),
    )
  return undefined
}

const whyIndicator: Topic = {
  topic: 'choice of indicator',
  asked:
    /why (?:is|was|are) .*(?:phenolphthalein|methyl orange|methyl red|bromothymol|indicator).*\b(?:used|chosen|suitable|better)|why .*(?:suitable|right) indicator|why (?:is|was) (?:phenolphthalein|methyl orange)/i,
  ways: ({ task }) => titrationsIn(task).flatMap((part) => atEquivalence(task, part) ?? []),
}

/** Why the colour changes at the end: what is coloured, and what becomes of it. */
function colourOf(task: Task, part: Titration): readonly Way[] {
  if (usesManganate(task, part)) return [MANGANATE]
  const end = endPointOf(part.indicator, reacting(task, part))
  if (!end) return []
  const { indicator, before, past } = end
  if (indicator.kind === 'iodine')
    return [
      way(
        `Starch makes a blue-black compound with iodine; ${past === 'colourless' ? 'when all of the iodine has reacted with the thiosulfate, the colour is gone' : 'the first iodine in excess makes it'}.`,
        point('starch is blue-black with iodine', 'starch & iodine', 'blue'),
        point(
          past === 'colourless' ? 'all of the iodine has reacted' : 'there is iodine in excess',
          past === 'colourless' ? 'all iodine|iodine (?:used|gone|reacted)|no iodine|used up' : 'excess',
        ),
      ),
    ]
  if (indicator.kind === 'metal')
    return [
      way(
        `Before the end the metal ions are bound to the indicator, which is ${before} with them; at the end EDTA has taken the last of them, and the free indicator is ${past}.`,
        point(`the indicator with the metal is ${before}`, 'indicator & metal|ion|complex|bound', before),
        point('EDTA takes the metal from it', 'edta|ligand', 'stronger|displac|takes|remov'),
      ),
    ]
  return [
    way(
      `The indicator is ${before} while what is in the flask is in excess, and turns ${past} when a drop too much from the burette makes the solution ${natureOf(reacting(task, part).burette) === 'acid' ? 'acidic' : 'alkaline'}.`,
      point(`from ${before} to ${past}`, `${before}|${past}`),
      point('a drop from the burette is in excess', 'excess|acidic|alkaline|neutral|all .*(?:reacted|used)|end.?point'),
    ),
  ]
}

const colourChange: Topic = {
  topic: 'colour change',
  asked: /\b(?:explain|account for|why)\b.*\b(?:colou?r|turns?|pink|goes? (?:pink|blue|colou?rless))\b/i,
  // A colour in a tube, on a paper or in a flame is another matter.
  ways: ({ task }, question) =>
    /litmus|limewater|flame|precipitate|tube|splint|crystal|paper|solid|gas\b/i.test(question)
      ? []
      : titrationsIn(task).flatMap((part) => colourOf(task, part)),
}

/** Which substance gives electrons and which takes them, counted from oxidation states in the equation's own ions. */
function electrons(task: Task, part: Titration): readonly Way[] {
  const equation = equationOf(part)
  if (!/MnO4|Cr2O7|I2|S2O3|Fe2\+|Fe\^2\+/.test(equation)) return []
  const roles = reactingIn(task, part)
  if (!roles) return []
  const said = [
    [/Fe\^?2\+/, 'iron(II) is oxidised to iron(III): it loses one electron', 'iron|fe', 'oxidi|loses|lose|gives'],
    [/MnO4/, 'manganate(VII) is reduced to manganese(II): it gains five electrons', 'mangan|mno4', 'reduc|gain|takes'],
    [/S2O3/, 'thiosulfate is oxidised to tetrathionate: two of it lose two electrons', 'thiosul|s2o3', 'oxidi|loses|lose|gives'],
    [/\bI2\b|I3/, 'iodine is reduced to iodide: each molecule gains two electrons', 'iodine|i2', 'reduc|gain|takes'],
    [/Cr2O7/, 'dichromate(VI) is reduced to chromium(III): it gains six electrons', 'dichrom|cr2o7', 'reduc|gain|takes'],
    [
      /C2O4/,
      'ethanedioate is oxidised to carbon dioxide: it loses two electrons',
      'ethanedioate|oxalate|c2o4',
      'oxidi|loses|lose|gives',
    ],
  ] as const
  const found = said.filter(([pattern]) => pattern.test(equation.split(/->|→/)[0] ?? ''))
  if (found.length === 0) return []
  return [
    way(`${found.map(([, says]) => says).join('; ')}.`, ...found.map(([, says, who, what]) => point(says, `${who} & ${what}`))),
  ]
}

const redox: Topic = {
  topic: 'oxidised and reduced',
  asked: /\b(?:oxidis|reduc(?:ed|tion|es)|redox|electrons?)\b/i,
  ways: ({ task }) => titrationsIn(task).flatMap((part) => electrons(task, part)),
}

const rinsing: Topic = {
  topic: 'why rinsed',
  asked: /why (?:is|was|are|were|must|should)\b.*\b(?:rinsed|washed)\b/i,
  ways: ({ task }, question) =>
    titrationsIn(task).flatMap((part) =>
      readinessOf(task, part)
        .flatMap(({ lines }) => lines)
        .filter(({ id }) =>
          /burette/i.test(question)
            ? id === 'burette-rinsed'
            : /pipette/i.test(question)
              ? /^pipette.*rinsed$/.test(id)
              : /conical flask/i.test(question) && !/beaker|into the/i.test(question) && id === 'flask-water',
        )
        .map(({ because }) => way(because, pointOf(because))),
    ),
}

const rough: Topic = {
  topic: 'why a rough run, why repeated',
  asked: /why .*\b(?:rough|repeated|more than once)\b/i,
  ways: ({ task }, question) => {
    if (titrationsIn(task).length === 0 || /heat|wash|filter|weigh|cool/i.test(question)) return []
    return /rough/i.test(question)
      ? [
          way(
            'It shows about where the end-point is, so that the accurate runs can be run in fast to near it and then dropwise.',
            point('it shows where the end-point is', 'where|about|approx|estimate|roughly|find'),
            point('the others can go dropwise near it', 'drop|slow|careful|near|close'),
          ),
        ]
      : [
          way(
            'Titres that agree show that no run was misread or overshot, and their mean is surer than one.',
            point('titres that agree show no slip', 'agree|concordant|consistent|anomal|error|mistake|reliab'),
            point('a mean is surer', 'mean|average|reliab|precis|random'),
          ),
        ]
  },
}

const excess: Topic = {
  topic: 'why in excess',
  asked: /why\b.*\b(?:in excess|an excess|excess of)\b/i,
  ways: ({ task }, question) => {
    const named = task.materials.find(({ id }) => speaksOf(task, id, question))
    const what = named ? materialLabel(task, named.id) : 'it'
    return [
      way(
        `So that all of the other substance reacts: with ${what} in excess none of it is left over.`,
        point('so that all of the other reacts', 'all|complete|fully|everything|none left|react(?:s|ed)?'),
      ),
    ]
  },
}

const insteadOfDirect: Topic = {
  topic: 'why not titrated directly',
  asked: /why (?:is|was) .*\bnot titrated directly\b|why .*back titration/i,
  ways: ({ task }) =>
    task.parts.some((part) => part.kind === 'titration' && part.reactions.some(({ role }) => role === 'before'))
      ? [
          way(
            'A solid reacts too slowly for a sharp end-point; an excess takes up all of it, and what is left over is titrated.',
            point('the solid reacts too slowly or does not dissolve', 'slow|insoluble|not dissolve|does not dissolve|solid'),
            point('an excess takes up all of it', 'excess|end.?point|left'),
          ),
        ]
      : [],
}

/** How far a volume may be off with a piece of glass of class B, as text. */
function tolerance(kind: 'pipette' | 'cylinder', volume: string): string {
  const glass = nearestGlass(kind, volume)
  return glass ? `±${glass.tolerance.B} cm³` : 'less'
}

const pipette: Topic = {
  topic: 'why a pipette',
  asked: /^(?!.*\b(?:rins|wash|fill)).*why .*\bpipette\b.*\b(?:used|cylinder|better|accurate|precise|instead)/i,
  ways: ({ task }) => {
    const portion = titrationsIn(task)
      .flatMap(({ flask }) => flask)
      .find((content) => 'material' in content && content.by === 'pipette' && content.volume !== undefined)
    if (!portion || !('material' in portion) || portion.volume === undefined) return []
    const volume = entryText(portion.volume)
    return [
      way(
        `A pipette delivers ${volume} cm³ to ${tolerance('pipette', volume)}, a measuring cylinder only to ${tolerance('cylinder', volume)}; and the amount that is worked with rests on it.`,
        point('a pipette is more exact', 'accura|precis|exact|sure|smaller (?:error|uncertaint)|less (?:error|uncertain)'),
      ),
    ]
  },
}

/** Questions about a titration. */
export const TITRATING: readonly Topic[] = [
  noIndicator,
  whyIndicator,
  insteadOfDirect,
  redox,
  colourChange,
  rinsing,
  rough,
  excess,
  pipette,
]
