export { type Effect, effectsOf, type SlipEffect } from './effects.ts'
export { type Explanation, explainAnswer, explainTitre, sizesThatExplain } from './explain.ts'
export { findSlips, type PossibleSlip } from './findSlips.ts'
