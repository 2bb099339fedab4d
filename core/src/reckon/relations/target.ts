import type { Key } from '../quantity.ts'

/** What a question comes to in the network: the quantity asked for; or, in words, why there is none. */
export type Target = { readonly key: Key } | { readonly missing: string }
