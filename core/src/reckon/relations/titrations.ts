import { buretteOf, entryText, type PartOf, path } from '../../record/index.ts'
import { countIn, type Formula, formatEquation, parseFormula, sameSpecies, speciesKey } from '../../substance/index.ts'
import { type Assessment, runName } from '../../titration/index.ts'
import type { Bench } from '../Bench.ts'
import { type Flask, inMaterial, inTitration, type Place, weighed } from '../place.ts'
import type { Key } from '../quantity.ts'
import { holdersOf } from './holders.ts'
import type { Before, Roles } from './roles.ts'
import { relateTitreVolume } from './titre.ts'

/** One would rather record nearly anything than be asked this. */
const STATED_NOWHERE = 30

/** The flasks to work out: one for the whole titration, or one for each run that counts. */
export function flasksOf(part: PartOf<'titration'>, assessment: Assessment): readonly Flask[] {
  if (!assessment.massPerRun) return [{ part }]
  const weighed = part.runs.flatMap(({ weighing }, index) => (weighing === undefined ? [] : [index]))
  const counted = assessment.used.length > 0 ? assessment.used : weighed.slice(0, 1)
  return counted.map((run) => ({ part, run }))
}

/** Something in the flask: where its amount comes from, and the volume if it is a portion of a solution. */
interface Content {
  readonly material: string
  readonly by?: string
  readonly weighed?: Place
  readonly volume?: Key
  readonly text?: string
}

function contentsOf(bench: Bench, flask: Flask): readonly Content[] {
  const { part, run } = flask
  const own = run === undefined ? undefined : part.runs[run]?.weighing
  const listed = own === undefined ? part.flask : [...part.flask, { weighing: own }]
  return listed.flatMap((content, index): Content[] => {
    if ('weighing' in content) {
      const weighing = bench.weighing(content.weighing)
      return weighing ? [{ material: weighing.of, weighed: weighed(weighing.id) }] : []
    }
    const label = bench.label(content.material)
    const volume = bench.volume(inTitration(flask, 'flask', index), `volume of ${label} in the flask`)
    bench.read(
      volume,
      content.volume,
      path('parts', part.id, 'flask', index, 'volume'),
      `the volume of ${label} put into the conical flask`,
    )
    const text = content.volume === undefined ? {} : { text: entryText(content.volume) }
    return [{ material: content.material, volume, ...text, ...(content.by ? { by: content.by } : {}) }]
  })
}

/** Amount that the burette delivered, from its concentration; and, run by run, the mean of the concentrations found. */
function relateBurette(bench: Bench, flask: Flask, roles: Roles, titre: Key): Key {
  const { part, run } = flask
  const species = roles.burette.formula
  const amount = bench.amount(species, inTitration(flask, 'titre'))
  let concentration = bench.concentration(species, buretteOf(part))
  if (run !== undefined) {
    const own = bench.network.define({
      of: { what: 'concentration', species: speciesKey(species), place: inTitration(flask, 'titre') },
      says: `concentration of ${species.text} by ${runName(part.runs, run)}`,
      symbol: 'c',
      fullSymbol: `c(${species.text})`,
      unit: 'mol/dm3',
    })
    bench.network.product({ gives: own, over: [concentration], silent: true, oneWay: true })
    concentration = own
  }
  bench.network.product({ gives: amount, over: [concentration, titre], factor: { over: 1, under: 1000 } })
  const solute = bench.solute(buretteOf(part))
  if (solute && countIn(species, solute) === 0)
    bench.network.ask(
      bench.concentration(species, buretteOf(part)),
      `how much ${species.text} the ${solute.text} of ${bench.label(buretteOf(part))} gives: a label or an equation that names what reacts`,
      STATED_NOWHERE,
    )
  return concentration
}

function relateMeanConcentration(bench: Bench, part: PartOf<'titration'>, species: Formula, perRun: readonly Key[]): void {
  if (perRun.length === 0) return
  const gives = bench.concentration(species, buretteOf(part))
  bench.network.mean({ gives, of: perRun, formulas: { [gives]: 'mean of the runs' } })
}

/** The mole ratio of the titration. */
function relateRatio(bench: Bench, flask: Flask, roles: Roles): Place {
  const { burette, titrated, equation, before } = roles
  const left = inTitration(flask, 'left over')
  const where = before.length > 0 ? left : inTitration(flask, 'flask')
  bench.callPlace(left, before[0]?.kind === 'made' ? 'the flask, titrated' : 'the flask, left over')
  bench.network.product({
    gives: bench.amount(titrated.formula, where),
    over: [bench.amount(burette.formula, inTitration(flask, 'titre'))],
    factor: { over: titrated.count, under: burette.count },
    full: true,
    factorFirst: true,
    equation: formatEquation(equation),
    cost: worksInOneLine(bench) ? 5 : 1,
    ...someProtonsKept(roles),
  })
  return where
}

const PROTON = parseFormula('H+')
const HYDROXIDE = parseFormula('OH-')

/** What is taken for granted of an acid that by the equation gives fewer protons than it has. */
function someProtonsKept({ burette, titrated }: Roles): { readonly assumes?: string } {
  const [held, given] = [countIn(PROTON, titrated.formula), burette.count / titrated.count]
  if (countIn(HYDROXIDE, burette.formula) !== 1 || given >= held) return {}
  return { assumes: `only ${given} of the ${held} protons of each ${titrated.formula.text} react` }
}

/** From what was titrated back to the analyte, through the reactions before the titration. */
function relateBefore(bench: Bench, flask: Flask, steps: readonly Before[]): void {
  const place = inTitration(flask, 'flask')
  let where = inTitration(flask, 'left over')
  steps.forEach((step, index) => {
    const { linked, analyte, equation, kind } = step
    const used = inTitration(flask, 'used')
    bench.callPlace(used, 'the reaction before the titration')
    let reacted = bench.amount(linked.formula, where)
    if (kind === 'leftOver') {
      const put = bench.amount(linked.formula, place)
      reacted = bench.amount(linked.formula, used)
      bench.network.sum({
        gives: reacted,
        plus: [put],
        minus: [bench.amount(linked.formula, where)],
        formulas: { [reacted]: 'n(used) = n(put in) − n(left over)' },
      })
    }
    // What a reaction makes is in the flask too, though it came from none of the bottles.
    if (kind === 'made')
      bench.network.product({
        gives: bench.amount(linked.formula, place),
        over: [reacted],
        silent: true,
        oneWay: true,
      })
    const last = index === steps.length - 1
    const target = last ? place : inTitration(flask, 'step', index)
    bench.callPlace(target, 'the flask')
    const found = bench.amount(analyte.formula, target)
    bench.network.product({
      gives: found,
      over: [reacted],
      factor: { over: analyte.count, under: linked.count },
      full: true,
      factorFirst: true,
      equation: formatEquation(equation),
    })
    if (last) {
      bench.network.product({ gives: bench.amount(analyte.formula, used), over: [found], silent: true })
    }
    where = target
  })
}

/** Where the amount of a species in the flask comes from: portions of solutions, or a weighed solid. */
function relateContents(bench: Bench, flask: Flask, contents: readonly Content[], species: Formula): readonly Content[] {
  const holders = holdersOf(bench, species, contents)
  const total = bench.amount(species, inTitration(flask, 'flask'))
  const brought = holders.map((content, index) => {
    const amount = holders.length === 1 ? total : bench.amount(species, inTitration(flask, 'flask', index))
    if (content.weighed) {
      bench.network.product({ gives: amount, over: [bench.amount(species, content.weighed)], silent: true })
    } else if (content.volume) {
      relatePortion(bench, content, species, amount)
    }
    return amount
  })
  if (brought.length > 1) bench.network.sum({ gives: total, plus: brought })
  return holders
}

function relatePortion(bench: Bench, { material, volume }: Content, species: Formula, amount: Key): void {
  if (!volume) return
  bench.network.product({
    gives: amount,
    over: [bench.concentration(species, material), volume],
    factor: { over: 1, under: 1000 },
  })
  if (!bench.madeBy(material)) return
  const [whole, all] = [bench.amount(species, inMaterial(material)), bench.volume(inMaterial(material))]
  bench.network.product({
    gives: whole,
    over: [amount, all],
    under: [volume],
    cost: 0.9,
    formulas: {
      [whole]: 'n(whole flask) = n(aliquot) × V(flask)/V(aliquot)',
      [amount]: 'n(aliquot) = n(whole flask) × V(aliquot)/V(flask)',
    },
    assumes: `${bench.label(material)} was mixed evenly`,
  })
}

/** Schools that go from titre to concentration in one line. */
const worksInOneLine = ({ task }: Bench) => task.conventions.working === 'ratio' || task.conventions.working === 'proportion'

/** The one line as either school writes it: electrons or protons a per formula unit, or the ratio of the equation. */
function oneLineOf(bench: Bench, { burette, titrated }: Roles): string {
  const [known, found] = [burette.formula.text, titrated.formula.text]
  return bench.task.conventions.working === 'ratio'
    ? `a1M1V1 = a2M2V2 with a(${known}) = ${titrated.count}, a(${found}) = ${burette.count}`
    : `CaVa/(CbVb) = na/nb with n(${known})/n(${found}) = ${burette.count}/${titrated.count}`
}

/** The one line of these schools, straight from the titre to the concentration of the portion. */
function relateInOneLine(bench: Bench, flask: Flask, roles: Roles, titre: Key, holders: readonly Content[]): void {
  const [only] = holders
  if (!worksInOneLine(bench) || roles.before.length > 0 || holders.length !== 1 || !only?.volume) return
  const found = bench.concentration(roles.titrated.formula, only.material)
  const known = bench.concentration(roles.burette.formula, buretteOf(flask.part))
  const says = oneLineOf(bench, roles)
  bench.network.product({
    gives: found,
    over: [known, titre],
    under: [only.volume],
    factor: { over: roles.titrated.count, under: roles.burette.count },
    factorFirst: true,
    cost: 0.5,
    equation: formatEquation(roles.equation),
    formulas: { [found]: says, [known]: says },
  })
}

/** What of a titration's flask its reactions speak of: what comes out of bottles, and what a reaction makes there. */
function namedInFlask(roles: Roles): { readonly broughtIn: readonly Formula[]; readonly made: readonly Formula[] } {
  if (roles.before.length === 0) return { broughtIn: [roles, ...roles.also].map((one) => one.titrated.formula), made: [] }
  const leftOver = roles.before.flatMap(({ kind, linked }) => (kind === 'leftOver' ? [linked.formula] : []))
  const made = roles.before.flatMap(({ kind, linked }) => (kind === 'made' ? [linked.formula] : []))
  const analyte = roles.before.at(-1)?.analyte.formula
  return { broughtIn: [...leftOver, ...(analyte ? [analyte] : [])], made }
}

/** Lays a titration into the network. */
export function relateTitration(
  bench: Bench,
  part: PartOf<'titration'>,
  assessment: Assessment,
  {
    roles,
    mixed,
  }: { readonly roles: Roles /** Worked out with others of one solution (`mixtures.ts`). */; readonly mixed: boolean },
): void {
  const flasks = flasksOf(part, assessment)
  const perRun: Key[] = []
  for (const flask of flasks) {
    const contents = contentsOf(bench, flask)
    callFlask(bench, flask, contents, roles)
    const titre = relateTitreVolume(bench, flask, assessment)
    const concentration = relateBurette(bench, flask, roles, titre)
    if (flask.run !== undefined && assessment.used.includes(flask.run)) perRun.push(concentration)
    // Several things titrated together share the titre; `mixtures.ts` tells them apart.
    const alone = !mixed && roles.also.length === 0
    if (alone) relateRatio(bench, flask, roles)
    if (alone) relateBefore(bench, flask, roles.before)
    const holders = namedInFlask(roles).broughtIn.map((one) => relateContents(bench, flask, contents, one))
    if (alone) relateInOneLine(bench, flask, roles, titre, holders[0] ?? [])
  }
  relateMeanConcentration(bench, part, roles.burette.formula, perRun)
}

/** Where species in a flask come from that its reactions do not speak of. */
export function relateFurtherContents(bench: Bench, flask: Flask, roles: Roles, species: readonly Formula[]): void {
  const { broughtIn, made } = namedInFlask(roles)
  const further = species.filter((one) => ![...broughtIn, ...made].some((other) => sameSpecies(one, other)))
  const contents = further.length > 0 ? contentsOf(bench, flask) : []
  for (const one of further) relateContents(bench, flask, contents, one)
}

/** Names the flask by the portion that matters in it. */
function callFlask(bench: Bench, flask: Flask, contents: readonly Content[], roles: Roles): void {
  // What was put in besides the analyte is in the flask too, so with a reaction before the titration it is just the flask.
  if (roles.before.some(({ kind }) => kind === 'leftOver')) {
    bench.callPlace(
      inTitration(flask, 'flask'),
      flask.run === undefined ? 'the flask' : `the flask of ${runName(flask.part.runs, flask.run)}`,
    )
    return
  }
  const analyte = roles.before.at(-1)?.analyte ?? roles.titrated
  const [holder] = holdersOf(bench, analyte.formula, contents)
  const label = holder ? bench.label(holder.material) : 'the portion'
  const words = holder?.text
    ? `the ${holder.text} cm³ of ${label}`
    : flask.run === undefined
      ? `the ${label} in the flask`
      : `the ${label} of ${runName(flask.part.runs, flask.run)}`
  bench.callPlace(inTitration(flask, 'flask'), words)
}
