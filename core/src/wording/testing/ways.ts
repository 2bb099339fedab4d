/** Ways of saying one thing, written with strokes between. */
export const waysOf = (written: string): readonly string[] => written.split('|').map((way) => way.trim().replace(/\s+/g, ' '))
