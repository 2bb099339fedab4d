export { checkChromatogram } from './problems.ts'
export { type Chromatogram, type Lane, type ReadSpot, readChromatogram } from './rf.ts'
export { laneSentence } from './sentence.ts'
