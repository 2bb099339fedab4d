import { shot } from './shot.tmp.mjs'
await shot('shelf', '/', async (p) => { await p.getByRole('combobox', { name: 'Put together' }).click(); await p.getByRole('option', { name: 'by how far' }).click() })
