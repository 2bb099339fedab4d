import { rowsIn } from './testing/published.ts'
import { compare } from './testing/rows.ts'

/** Rows that the model does not show, each with the reason. */
const MISSES: Readonly<Record<string, string>> = {
  'Sn2 HgCl2(aq) excess': 'mercury that came with the first drops stays, where more mercury(II) would take it up',
  'Bi KI(aq), KI(aq) excess': 'iodo complexes of bismuth are not known to it, which dissolve the iodide to orange',
  'Cu KI(aq) excess, Na2S2O3(aq) excess': 'what iodine leaves when it is taken away is not said: the white of copper(I) iodide',
  'Cd NH3(aq), NH3(aq) excess': 'a little of the hydroxide stays in 2 mol/dm³ ammonia',
  'Fe3 K3Fe(CN)6(aq)': 'iron(III) hexacyanoferrate(III) has no colour in it',
  'Fe3 Na2HPO4(aq)': 'acid of the bottle keeps the phosphate dissolved',
  'phosphate FeCl3(aq)': 'hydroxide comes before phosphate, which is paler',
  'Co NaOH(aq), warm': 'the blue hydroxide stays blue: its slow change to pink is not known to it',
  'Ca K2CrO4(aq)': 'at the edge of its solubility: activities at high ionic strength are too uncertain',
  'hydrogencarbonate MgSO4(aq)': 'hydrated magnesium carbonate, which is slow to come cold, comes at once',
}

compare('reactions of the textbook of qualitative analysis', rowsIn('svehla.txt'), Object.keys(MISSES))
