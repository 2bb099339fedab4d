export { inflected } from './inflections.ts'
export { type Mender, mender } from './mender.ts'
export { type Phrasebook, phrasebook, type WordAt } from './phrases.ts'
export { inSmallLetters, withPlainSigns } from './plain.ts'
