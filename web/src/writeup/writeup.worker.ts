import { expose } from 'comlink'
import { writeupWork } from './writeupWork.ts'

expose(writeupWork)
