import { readStrength } from '../../number/index.ts'
import { ChemistryError } from '../../problem/index.ts'
import { parseEquation } from '../../substance/index.ts'
import type { Draft } from '../draft/Draft.ts'
import type { DraftPart, DraftPartOf } from '../draft/parts.ts'
import { LEAVE_OUT, type Mend, NOTHING } from './gap.ts'
import { placesTyped } from './places.ts'

/** Sets a slot of a part, or says by `false` that the part has no such slot. */
function setSlot(draft: Draft, part: DraftPart, slot: string, value: string): boolean {
  const volume = /^volume of (.+)$/.exec(slot)?.[1]
  const intoFlask = /^flask\.(.+)$/.exec(slot)?.[1]
  switch (part.kind) {
    case 'titration':
      if (slot === 'burette') setBurette(draft, part, value)
      else if (slot === 'indicator') part.indicator = value
      else if (slot === 'flask') part.flask = [...part.flask, { material: knownLabel(draft, value), by: 'pipette' }]
      else if (volume !== undefined)
        part.flask = part.flask.map((one) => (one.material === volume ? { ...one, volume: value } : one))
      else if (intoFlask !== undefined)
        part.flask = [
          ...part.flask.filter(({ material }) => material !== intoFlask),
          { material: intoFlask, volume: value, by: 'pipette' },
        ]
      else return false
      return true
    case 'solution':
      if (slot === 'flask') part.flask = value
      else if (slot === 'gives') part.gives = knownLabel(draft, value, true)
      else if (slot === 'from') part.sources = [...part.sources, sourceOf(draft, value)]
      else if (volume !== undefined)
        part.sources = part.sources.map((one) => (one.material === volume ? { ...one, volume: value } : one))
      else return false
      return true
    default:
      return setOther(draft, part, slot, value)
  }
}

function setOther(draft: Draft, part: DraftPart, slot: string, value: string): boolean {
  if ((part.kind === 'weighing' || part.kind === 'heating') && slot === 'of') part.of = knownLabel(draft, value)
  else if (part.kind === 'heating' && slot === 'lost') part.lost = value
  else if (part.kind === 'series' && slot === 'planned') part.planned = placesTyped(value)
  else if (part.kind === 'chromatogram' && slot === 'solvent') part.solvent = value
  else if (part.kind === 'chromatogram' && slot === 'spots')
    part.spots = value
      .split(/\s*,\s*/)
      .filter(Boolean)
      .map((label) => ({ label, known: false }))
  else if (part.kind === 'chromatogram' && slot === 'known')
    part.spots = [
      ...part.spots,
      ...value
        .split(/\s*,\s*/)
        .filter(Boolean)
        .map((label) => ({ label, known: true })),
    ]
  else if (part.kind === 'rack' && slot === 'split') splitTubes(part)
  else if (part.kind === 'rack' && slot === 'samples') addSamples(draft, part, value)
  else return false
  return true
}

/** A solution goes into the burette of one titration, and into those of its question that have none. */
function setBurette(draft: Draft, part: DraftPartOf<'titration'>, value: string): void {
  const label = knownLabel(draft, value)
  part.burette = label
  part.flask = part.flask.filter(({ material }) => material !== label)
  for (const other of draft.of('titration', part.block)) other.burette ??= label
}

/** What a typed label stands for: a bottle of the sheet, or a new one. */
function knownLabel(draft: Draft, typed: string, isProduct = false): string {
  const label = typed.trim()
  if (!draft.materials.has(label))
    draft.materials.set(label, { label, form: 'solution', formSaid: false, at: 0, ...(isProduct ? { product: true } : {}) })
  return label
}

function sourceOf(draft: Draft, value: string): DraftPartOf<'solution'>['sources'][number] {
  const label = knownLabel(draft, value)
  const weighing = draft.of('weighing').find(({ of }) => of === label)
  return { material: label, ...(weighing === undefined ? {} : { weighing: weighing.id }) }
}

/** A further sample is tested as the others are. */
function addSamples(draft: Draft, part: DraftPartOf<'rack'>, value: string): void {
  const tubes = part.samples[0]?.tubes ?? []
  for (const typed of value.split(/\s*,\s*/).filter(Boolean)) {
    const material = knownLabel(draft, typed)
    if (!part.samples.some((one) => one.material === material))
      part.samples.push({ material, tubes: tubes.map((tube) => ({ ...tube, acts: [...tube.acts], begins: [...tube.begins] })) })
  }
}

/** Tests that ran together in one tube get a tube for each sentence. */
function splitTubes(rack: DraftPartOf<'rack'>): void {
  for (const sample of rack.samples)
    sample.tubes = sample.tubes.flatMap((tube) =>
      tube.begins.length > 1
        ? tube.begins.map((from, index) => ({ ...tube, acts: tube.acts.slice(from, tube.begins[index + 1]), begins: [0] }))
        : [tube],
    )
}

/** Begins the part that an answer asks for. */
function beginPart(draft: Draft, kind: string): void {
  const opening = draft.reads[0]
  if (!opening) return
  if (kind === 'titration') draft.begin('titration', opening, { flask: [], weighings: [], equations: [] })
  if (kind === 'solution') draft.begin('solution', opening, { sources: [] })
  if (kind === 'heating') draft.begin('heating', opening, { lost: 'H2O' })
  if (kind === 'rack') draft.begin('rack', opening, { samples: [], allowed: [], listed: [] })
  if (kind === 'chromatogram') draft.begin('chromatogram', opening, { spots: [] })
  if (kind === 'series')
    draft.begin('series', opening, {
      x: { name: 'time', unit: 's' },
      y: { name: 'reading', unit: '1' },
      reading: 'curve',
      planned: [],
    })
}

function setMaterial(draft: Draft, label: string, slot: string, value: string): boolean {
  const material = draft.materials.get(label)
  if (!material) return false
  const strength = slot === 'strength' ? readStrength(value) : undefined
  if (slot === 'solute') {
    if (value === '') delete material.solute
    else material.solute = value
    delete material.inferred
  } else if (strength) material.strength = strength
  else if (slot === 'form' && (value === 'solid' || value === 'solution' || value === 'liquid' || value === 'gas'))
    material.form = value
  else return false
  return true
}

/** Applies to a draft what a student has answered and changed, all but equations. */
export function applyMends(draft: Draft, mends: readonly Mend[]): void {
  for (const mend of mends) {
    if (/^left\.(?:glass|parts)/.test(mend.gap) && mend.value.startsWith('begin.'))
      beginPart(draft, mend.value.slice('begin.'.length))
  }
  for (const mend of mends) applyMend(draft, mend)
}

function applyMend(draft: Draft, { gap, value }: Mend): void {
  if (gap.startsWith('left.')) {
    applyLeftover(draft, gap, value)
    return
  }
  const at =
    gap.lastIndexOf('.') > 0 && draft.materials.has(gap.slice(0, gap.lastIndexOf('.'))) ? gap.lastIndexOf('.') : gap.indexOf('.')
  const [owner, slot] = [gap.slice(0, at), gap.slice(at + 1)]
  const part = draft.parts.find(({ id }) => id === owner)
  if (part && value === LEAVE_OUT) draft.parts.splice(draft.parts.indexOf(part), 1)
  else if (part) setSlot(draft, part, slot, value)
  else setMaterial(draft, owner, slot, value)
}

/** Something of the sheet that had landed nowhere lands where the student says. */
function applyLeftover(draft: Draft, gap: string, value: string): void {
  const [, kind = '', words = ''] = /^left\.(\w+)\.?(.*)$/s.exec(gap) ?? []
  if (value === NOTHING || value.startsWith('begin.')) return
  const [owner = '', ...rest] = value.split('.')
  const slot = rest.join('.')
  const part = draft.parts.find(({ id }) => id === owner)
  if (kind === 'strength') setMaterial(draft, value.replace(/\.strength$/, ''), 'strength', words)
  else if (kind === 'label' && part) setSlot(draft, part, slot, words)
  else if (kind === 'volume' && part) setSlot(draft, part, slot, words.replace(/[^\d.].*$/, ''))
}

/** Equations that a student has given or placed: after the sheet's own have been. */
export function applyEquations(draft: Draft, mends: readonly Mend[]): void {
  for (const { gap, value } of mends) {
    const own = /^(t\d+)\.(equation|before)$/.exec(gap)
    const left = /^left\.equation\.(.*)$/s.exec(gap)
    const [id, role, equation] = own
      ? [own[1], own[2], value]
      : [/^(t\d+)\.(?:equation|before)$/.exec(value)?.[1], value.split('.')[1], left?.[1]]
    const part = draft.of('titration').find((one) => one.id === id)
    if (!part || equation === undefined || !isEquation(equation)) continue
    const as = role === 'before' ? 'before' : 'titration'
    const kept = part.equations.filter((one) => one.role !== as || (left !== null && !one.proposed))
    part.equations = [...kept, { equation: equation.replace(/>/, '->').replace(/-->/, '->'), role: as, proposed: false }]
  }
}

function isEquation(text: string): boolean {
  try {
    parseEquation(text.includes('->') ? text : text.replace('>', '->'))
    return true
  } catch (error) {
    if (error instanceof ChemistryError) return false
    throw error
  }
}
