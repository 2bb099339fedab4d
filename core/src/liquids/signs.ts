/** What a test of a liquid shows, each as one word of a small language that predictions and observations share. */
export type Sign =
  | `solution ${string}`
  | `precipitate ${string}`
  | `smell ${string}`
  | 'decolourised'
  | 'fizzes'
  | 'mirror'
  | 'acid'
  | 'alkali'
  | 'burns'
  | 'smoky'
  | 'layers'
  | 'mixes'
  | 'solid blue'
  | 'chars'
  | 'boils at 100'
  | 'leaves a solid'
