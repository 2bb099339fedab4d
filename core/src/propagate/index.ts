export { type Budget, type BudgetRow, budgetOf } from './budget.ts'
export { type Contribution, type ContributionKind, type Spread, standardUncertainty } from './contribution.ts'
export { type Histogram, MOST_TRIALS, quantileOf, runTrials, type TrialPlan, type Trials } from './monteCarlo.ts'
export { freshSlots, type Operation, type Program, runProgram } from './program.ts'
