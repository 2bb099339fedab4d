import { entryText, type PartOf, type Path, path } from '../../record/index.ts'
import { type Formula, sameSpecies } from '../../substance/index.ts'
import type { Bench } from '../Bench.ts'
import { inMaterial, type Place, putInto, weighed } from '../place.ts'
import type { Key } from '../quantity.ts'
import { holdersOf } from './holders.ts'
import { isUsedUp, placePutInto, reactedBefore, relateReactedBefore } from './reactedBefore.ts'

/** A source of a made-up solution, resolved: where its amount is, and which volume of which material went in. */
interface Source {
  readonly material: string
  readonly place: Place
  readonly by?: string
  readonly volume?: string
  readonly at?: Path
}

function sourcesOf(bench: Bench, part: PartOf<'solution'>): readonly Source[] {
  return part.from.flatMap((source, index): Source[] => {
    if ('weighing' in source) {
      const weighing = bench.weighing(source.weighing)
      return weighing ? [{ material: weighing.of, place: weighed(weighing.id) }] : []
    }
    // Volumes put into a flask to be made up are measured; a pipette is assumed where several could hold the species.
    return [
      {
        material: source.material,
        place: putInto(part.id, index),
        by: 'pipette',
        volume: entryText(source.volume),
        at: path('parts', part.id, 'from', index, 'volume'),
      },
    ]
  })
}

/** What the flask was filled to: its mark, or where it has none the sum of what was put in. */
export function relateSolutionVolume(bench: Bench, part: PartOf<'solution'>): void {
  const place = inMaterial(part.gives)
  const label = bench.label(part.gives)
  bench.callPlace(place, part.flask ? `the ${part.flask} cm³ of ${label}` : `the whole of ${label}`)
  const volume = bench.volume(place)
  if (part.flask !== undefined) {
    bench.read(volume, part.flask, path('parts', part.id, 'flask'), `the volume of the flask for ${label}`)
    return
  }
  const volumes = sourcesOf(bench, part).filter((source) => source.volume !== undefined)
  if (volumes.length === part.from.length && volumes.length > 1) {
    bench.network.sum({ gives: volume, plus: volumes.map((source) => sourceVolume(bench, source)), oneWay: true })
  } else {
    bench.network.ask(volume, `the volume of the flask that ${label} was made up in`)
  }
}

function sourceVolume(bench: Bench, source: Source): Key {
  bench.callPlace(source.place, `the ${source.volume} cm³ of ${bench.label(source.material)}`)
  const key = bench.volume(source.place, `volume of ${bench.label(source.material)} put in`)
  bench.read(key, source.volume, source.at ?? [], `the volume of ${bench.label(source.material)} put in`)
  return key
}

/** The amount of a species in the flask is what its sources brought; and c = n/V there. */
export function relateSolution(bench: Bench, part: PartOf<'solution'>, species: readonly Formula[]): void {
  const before = reactedBefore(bench, part)
  if (before && species.some((one) => sameSpecies(one, before.leftOver.formula))) relateReactedBefore(bench, part, before)
  for (const one of species) {
    const isExcess = before !== undefined && sameSpecies(one, before.leftOver.formula)
    if (before && !isExcess && isUsedUp(before, one)) continue
    const holders = holdersOf(bench, one, sourcesOf(bench, part))
    const total = bench.amount(one, placePutInto(part, before, one))
    const brought = holders.map((source) => amountBrought(bench, source, one, holders.length === 1 ? total : undefined))
    const [only] = brought
    if (holders.length === 1 && only !== undefined) {
      if (only !== total) {
        bench.network.product({ gives: total, over: [only], silent: true })
        relateMassMadeUp(bench, part, one, holders[0])
      }
    } else if (brought.length > 1) bench.network.sum({ gives: total, plus: brought })
  }
}

/** What was weighed is in the flask; its mass over the volume is the mass concentration, without going by way of moles. */
function relateMassMadeUp(bench: Bench, part: PartOf<'solution'>, species: Formula, source: Source | undefined): void {
  if (!source || source.volume !== undefined) return
  const place = inMaterial(part.gives)
  const mass = bench.mass(species, place)
  bench.network.product({ gives: mass, over: [bench.mass(species, source.place)], silent: true })
  const concentration = bench.massConcentration(species, part.gives)
  bench.network.product({
    gives: concentration,
    over: [mass],
    under: [bench.volume(place)],
    factor: { over: 1000, under: 1 },
    oneWay: true,
    formulas: { [concentration]: 'ρ = 1000m/V' },
  })
}

/** Amount that one source brings. A portion of a solution that is the only source is the whole amount in the flask. */
function amountBrought(bench: Bench, source: Source, species: Formula, total: Key | undefined): Key {
  if (source.volume === undefined) return bench.amount(species, source.place)
  const volume = sourceVolume(bench, source)
  const amount = total ?? bench.amount(species, source.place)
  bench.network.product({
    gives: amount,
    over: [bench.concentration(species, source.material), volume],
    factor: { over: 1, under: 1000 },
  })
  return amount
}

/** Concentrations of each species in a solution, and its amount in one that was made up to a volume. */
export function relateConcentrations(bench: Bench, material: string, species: readonly Formula[]): void {
  const made = bench.madeBy(material) !== undefined
  for (const one of species) {
    const concentration = bench.concentration(one, material)
    if (made) {
      bench.network.product({
        gives: bench.amount(one, inMaterial(material)),
        over: [concentration, bench.volume(inMaterial(material))],
        factor: { over: 1, under: 1000 },
      })
    }
    bench.network.product({ gives: bench.massConcentration(one, material), over: [concentration, bench.molarMass(one)] })
  }
}
