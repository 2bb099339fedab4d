export { assessHeating, type HeatingAssessment, type HeatingStep } from './constantMass.ts'
export { checkHeating } from './problems.ts'
