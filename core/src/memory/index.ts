export { Memory } from './Memory.ts'
