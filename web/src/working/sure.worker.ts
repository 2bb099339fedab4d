import { expose } from 'comlink'
import { sureWork } from './sureWork.ts'

expose(sureWork)
