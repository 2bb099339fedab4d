export { FileError } from '../FileError.ts'
export { type Rows, readCsv } from './readCsv.ts'
export { writeCsv } from './writeCsv.ts'
