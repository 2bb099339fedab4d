import { all, besides, type Head, said } from './scene.ts'

/** Silver on the glass, and soot in a flame or none. */
export const readMirror: Head = (clause, { given }) => {
  if (clause.has('mirror')) return all(said(clause, { kind: 'mirror' }, clause.at('mirror')))
  if (!clause.has('soot') || !(given.do === 'flame' || clause.has('flame', 'burn'))) return undefined
  const sooty = said(clause, { kind: 'smoky' }, clause.at('soot'))
  return sooty.kind === 'not' ? all(sooty) : besides(sooty)
}

/** Whether two liquids mix; what floats or sinks in drops does not. */
export const readMixing: Head = (clause) => {
  const parts = clause.first(['apart', 'mixes'])
  if (!parts || clause.has('ppt')) return undefined
  if (parts === 'apart' || clause.isDenied(clause.at('mixes')) || clause.denies) return besides({ kind: 'layer' })
  return besides({ kind: 'mixes' })
}
