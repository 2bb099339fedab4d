import type { Component } from './components.ts'

/** Totals of components, mol/dm³. That of hydrogen ion is signed: hydroxide counts as less than none. */
export type Totals = Readonly<Partial<Record<Component, number>>>
