export { wasDone, worthOf } from './worth.ts'
