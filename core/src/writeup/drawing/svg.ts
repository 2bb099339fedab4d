import { escaped } from '../as/escaped.ts'
import type { Drawing, Shape } from './shapes.ts'
import { INK, STROKES } from './strokes.ts'

const strokeOf = (stroke: keyof typeof STROKES) => {
  const { colour, width, dashes } = STROKES[stroke]
  return `stroke="${colour}" stroke-width="${width}"${dashes ? ` stroke-dasharray="${dashes}"` : ''}`
}

function shapeSvg(shape: Shape): string {
  switch (shape.kind) {
    case 'path':
      return `<path d="${shape.d}" fill="none" ${strokeOf(shape.stroke)}/>`
    case 'circle':
      return `<circle cx="${shape.x}" cy="${shape.y}" r="${shape.r}" fill="${shape.filled ? STROKES[shape.stroke].colour : 'none'}" ${strokeOf(shape.stroke)}/>`
    case 'spot':
      return `<ellipse cx="${shape.x}" cy="${shape.y}" rx="11" ry="9" fill="${escaped(shape.fill)}" ${strokeOf('mark')}/>`
    case 'text': {
      const turned = shape.turned === undefined ? '' : ` transform="rotate(${shape.turned} ${shape.x} ${shape.y})"`
      return `<text x="${shape.x}" y="${shape.y}" text-anchor="${shape.anchor}" font-size="${shape.size}" fill="${INK}" font-family="Atkinson Hyperlegible Next, Arial, sans-serif"${turned}>${escaped(shape.text)}</text>`
    }
  }
}

/** A drawing as SVG, which stands alone or in HTML. */
export function svgOf({ width, height, says, shapes }: Drawing): string {
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}" role="img" aria-label="${escaped(says)}">`,
    `<title>${escaped(says)}</title>`,
    ...shapes.map(shapeSvg),
    '</svg>',
  ].join('')
}
