import { careOf } from '../../substance/index.ts'
import type { Draft } from '../draft/Draft.ts'

/** Waste by what a bottle holds (common practice); where it goes, the laboratory says. */
const WASTE: readonly (readonly [holds: RegExp, says: string])[] = [
  [/Ag/, 'silver residues into the silver waste'],
  [/Ba|Pb|Cd|Hg/, 'barium and lead into the heavy-metal waste'],
  [/Cr2O7|CrO4/, 'chromium(VI) into its own waste'],
  [/Cu|Ni|Co|Zn|Mn(?!O4)/, 'metal salts into the metal waste'],
  [/I2|IO3|KI|Br/, 'iodine and bromine into the halogen waste'],
]

/** The clearing-up list of a sheet: waste by kind, stains, bottles, glass, burner. */
export function clearUp(draft: Draft): readonly string[] {
  const held = [...draft.materials.values()].flatMap(({ solute }) => solute ?? [])
  const inTubes = draft
    .of('rack')
    .flatMap(({ samples }) =>
      samples.flatMap(({ tubes }) =>
        tubes.flatMap(({ acts }) =>
          acts.flatMap(({ reagent, with: others = [] }) => [reagent ?? '', ...others.map((one) => one.reagent)]),
        ),
      ),
    )
  const all = [...held, ...inTubes]
  const waste = WASTE.flatMap(([holds, says]) => (all.some((one) => holds.test(one)) ? [says] : []))
  const stains = all.some((one) => /MnO4|AgNO3|I2/.test(one))
    ? ['manganate, iodine and silver stains off bench and glass at once']
    : []
  const heated =
    draft.of('heating').length > 0 ||
    draft
      .of('rack')
      .some(({ samples }) =>
        samples.some(({ tubes }) => tubes.some(({ acts }) => acts.some((act) => ['heat', 'warm', 'boil'].includes(act.do)))),
      )
  return [
    ...waste,
    ...(waste.length === 0 && all.some((one) => careOf(one) !== undefined)
      ? ['acids and alkalis down the sink with much water, if your laboratory allows it']
      : []),
    ...stains,
    ...(draft.of('titration').length > 0 ? ['burette emptied, rinsed with water, upside down with the tap open'] : []),
    ...(draft.of('rack').length > 0 ? ['tubes emptied into the right waste, rinsed and brushed'] : []),
    ...(heated ? ['burner off, gas tap closed; hot things left on the mat until they are cold'] : []),
    'bottles closed and back in their places, labels to the front',
    'bench wiped, hands washed',
  ]
}
