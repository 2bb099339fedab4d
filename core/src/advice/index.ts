export { timesDone, worthOf } from './worth.ts'
