import { expose } from 'comlink'
import { filesWork } from './filesWork.ts'

expose(filesWork)
