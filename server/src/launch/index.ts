export { freePort } from './ports.ts'
export { type PrivateDatabase, startPrivateDatabase } from './privateDatabase.ts'
