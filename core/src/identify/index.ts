export { type Behaviour, behaviourOf } from './behaviour.ts'
export { type Conclusion, concludeFrom, eliminateFrom, sayStep, type WholeSalt, wholeSalts } from './conclusions.ts'
export { type ExpectedStep, expectedIn } from './expected.ts'
export type { SampleForm } from './hypothesis.ts'
export {
  type Identification,
  type IdentifyOptions,
  type IonVerdict,
  identifying,
  identifyRack,
  type Progress,
  type SampleVerdict,
  type Verdict,
} from './identify.ts'
export { CANDIDATES, type Candidate, ionName, saltOf } from './ions.ts'
export type { StepMeaning } from './meaning.ts'
export { type NextTest, sayTells } from './nextTests.ts'
export { type Offer, offersFor } from './offers.ts'
export { knownOf, type Rack, type RackKnown } from './record.ts'
export { isWorthSaying, speaksOfIons } from './thresholds.ts'
export { verdictsIn } from './verdictsIn.ts'
export { warmingUp } from './warmUp.ts'
export { type TubeWhatIf, whatIfIn } from './whatIf/whatIf.ts'
