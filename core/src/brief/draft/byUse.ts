import type { Draft } from './Draft.ts'

/** Says of materials what their use tells: what is weighed is a solid, what is made up holds what went into it. */
export function correctByUse(draft: Draft): void {
  for (const part of draft.parts) {
    if (part.kind === 'weighing') solid(draft, part.of)
    if (part.kind === 'heating' && part.of !== undefined) solid(draft, part.of)
    if (part.kind === 'titration')
      for (const { material } of part.flask) {
        const one = draft.materials.get(material)
        if (one?.form === 'solid') one.form = 'solution'
      }
    if (part.kind === 'solution') madeOf(draft, part)
  }
  byMass(draft)
}

/** What a diluted solution is taken to hold, the bottle it was made of holds, too. */
export function backToParents(draft: Draft): void {
  for (const { gives, sources } of draft.of('solution')) {
    const made = draft.materials.get(gives ?? '')
    const [only, ...more] = sources
    const parent = only?.weighing === undefined ? draft.materials.get(only?.material ?? '') : undefined
    if (!made?.inferred || made.solute === undefined || more.length > 0 || !parent || parent.solute !== undefined) continue
    parent.solute = made.solute
    parent.inferred = made.inferred
  }
}

function solid(draft: Draft, label: string): void {
  const material = draft.materials.get(label)
  if (!material || material.strength) return
  material.form = 'solid'
  if (material.holds) delete material.solute
}

function madeOf(draft: Draft, { gives, sources }: { gives?: string; sources: readonly { material: string }[] }): void {
  const material = draft.materials.get(gives ?? '')
  if (!material) return
  material.form = 'solution'
  const parents = sources.map((source) => draft.materials.get(source.material))
  const solute =
    parents.length === 1
      ? parents[0]?.solute
      : parents.map((one) => (one?.form === 'solution' ? one.solute : undefined)).find((one) => one !== undefined)
  if (solute !== undefined && material.solute === undefined && !/\.[a-z]H2O/.test(solute))
    material.solute = solute.split('.')[0] ?? solute
}

/** "0.50 g of X": a solid, even where nobody weighs it. */
function byMass(draft: Draft): void {
  for (const { mentions } of draft.reads) {
    mentions.forEach((mention, index) => {
      const next = mentions[index + 1]
      if (mention.kind !== 'quantity' || mention.of !== 'mass' || next?.kind !== 'label') return
      if (/^\s*(?:portions?\s+)?of\s+(?:the\s+)?(?:solid\s+)?$/.test(draft.words.slice(mention.to, next.from)))
        solid(draft, next.label)
    })
  }
}
