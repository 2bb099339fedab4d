import type { RoundLine } from './rounds.ts'

/** Verbs as they are said to have happened, and what follows "did not". */
const VERBS: Readonly<Record<string, string>> = {
  turned: 'turn',
  turns: 'turn',
  turn: 'turn',
  goes: 'go',
  went: 'go',
  go: 'go',
  became: 'become',
  becomes: 'become',
  dissolved: 'dissolve',
  dissolves: 'dissolve',
  redissolves: 'redissolve',
  redissolved: 'redissolve',
  relit: 'relight',
  relights: 'relight',
  rekindled: 'rekindle',
  popped: 'pop',
  pops: 'pop',
  melted: 'melt',
  melts: 'melt',
  bleached: 'bleach',
  bleaches: 'bleach',
  disappears: 'disappear',
  disappeared: 'disappear',
  vanishes: 'vanish',
  decolourised: 'decolourise',
  decolourises: 'decolourise',
  fizzed: 'fizz',
  fizzes: 'fizz',
  bubbled: 'bubble',
  changed: 'change',
  changes: 'change',
  burnt: 'burn',
  burns: 'burn',
  sublimes: 'sublime',
  fades: 'fade',
}

const NOUN =
  /^(?:(?:a|an|the|some|slight|faint|thick|dense|heavy|pale|dark|deep|light|bright|dirty|damp|[a-z]+ish|white|cream|off-white|yellow|orange|brown|red|pink|purple|violet|lilac|blue|green|grey|black|steamy|brick|blood|reddish|squeaky|pungent|choking|sharp|sky|canary|golden|gelatinous|colourless|rusty|muddy|blue-green|brick-red|grey-green|red-brown|crimson)[\s-])*(?:ppt|precipitate|precip|bubbles|bubbling|effervescence|fizzing|flame|fumes|gas|smoke|vapour|smell|pop|condensation|droplets)\.?$/i

/**
 * The ways in which a line says the opposite: a noun that was not seen, a verb that did not happen. Only of lines of one
 * clause, since of several it would not be told which is denied.
 */
export function denialsOf({ text }: RoundLine): readonly string[] {
  const line = text.trim().replace(/\.$/, '')
  if (
    /[,;.&+→>]|\b(?:and|but|then|which|that|because|as|no|not|or|nor|without|still|stay|stays|stayed|remain\w*|nothing|never|\w+n't|none)\b/i.test(
      line,
    )
  )
    return []
  if (NOUN.test(line)) {
    const bare = line.replace(/^(?:a|an|the|some)\s+/i, '')
    return [
      `no ${bare}`,
      `${bare} not seen`,
      `there was no ${bare}`,
      `${bare} was not observed`,
      `no sign of ${bare}`,
      `${bare}: none`,
      `${bare} absent`,
      `didnt see ${bare}`,
    ]
  }
  const words = line.split(/\s+/)
  const at = words.findIndex((word) => Object.hasOwn(VERBS, word.toLowerCase()))
  if (at < 0 || words.slice(at + 1).some((word) => Object.hasOwn(VERBS, word.toLowerCase()))) return []
  const before = words.slice(0, at).filter((word) => !/^(?:was|were|is|are|has|had|been)$/i.test(word))
  const base = VERBS[words[at]?.toLowerCase() ?? ''] ?? ''
  const after = words.slice(at + 1)
  return ['did not', "didn't", 'didnt', 'does not', 'never', 'failed to'].map((not) => [...before, not, base, ...after].join(' '))
}
