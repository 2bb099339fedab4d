import { expose } from 'comlink'
import { chemistryWork } from './chemistryWork.ts'

expose(chemistryWork)
