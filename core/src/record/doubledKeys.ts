/** A key that stands twice in one object of a JSON text. */
export interface DoubledKey {
  readonly key: string
  readonly line: number
}

const TOKEN = /"(?:[^"\\]|\\.)*"|[{}[\]:,]/g

/** Keys that stand twice in one object: a reader would keep the last and lose the others. The text is taken to be JSON. */
export function doubledKeys(text: string): readonly DoubledKey[] {
  const open: (Set<string> | undefined)[] = []
  const found: DoubledKey[] = []
  let last: { readonly text: string; readonly at: number } | undefined
  for (const { 0: token, index } of text.matchAll(TOKEN)) {
    if (token === '{') open.push(new Set())
    else if (token === '[') open.push(undefined)
    else if (token === '}' || token === ']') open.pop()
    else if (token === ':' && last) {
      const keys = open.at(-1)
      const key = JSON.parse(last.text) as string
      if (keys?.has(key)) found.push({ key, line: text.slice(0, last.at).split('\n').length })
      keys?.add(key)
    }
    last = token.startsWith('"') ? { text: token, at: index } : undefined
  }
  return found
}
