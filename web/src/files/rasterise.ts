import { type Drawing, INK, type Shape, STROKES, type Stroke } from '@hop-lark/core/writeup'

/** How much finer than it is shown. */
const FINER = 3
const FONT = '"Atkinson Hyperlegible Next", Arial, sans-serif'

function takeStroke(context: OffscreenCanvasRenderingContext2D, stroke: Stroke): void {
  const { colour, width, dashes } = STROKES[stroke]
  context.strokeStyle = colour
  context.lineWidth = width
  context.setLineDash(dashes?.split(' ').map(Number) ?? [])
}

function drawShape(context: OffscreenCanvasRenderingContext2D, shape: Shape): void {
  switch (shape.kind) {
    case 'path':
      takeStroke(context, shape.stroke)
      context.stroke(new Path2D(shape.d))
      return
    case 'circle':
    case 'spot': {
      takeStroke(context, shape.kind === 'spot' ? 'mark' : shape.stroke)
      const [across, down] = shape.kind === 'spot' ? [11, 9] : [shape.r, shape.r]
      context.beginPath()
      context.ellipse(shape.x, shape.y, across, down, 0, 0, 2 * Math.PI)
      if (shape.kind === 'spot' || shape.filled) {
        context.fillStyle = shape.kind === 'spot' ? shape.fill : STROKES[shape.stroke].colour
        context.fill()
      }
      context.stroke()
      return
    }
    case 'text':
      context.save()
      context.translate(shape.x, shape.y)
      context.rotate(((shape.turned ?? 0) * Math.PI) / 180)
      context.font = `${shape.size}px ${FONT}`
      context.textAlign = shape.anchor === 'middle' ? 'center' : shape.anchor
      context.fillStyle = INK
      context.fillText(shape.text, 0, 0)
      context.restore()
  }
}

/** A drawing as PNG on white, by the browser's own canvas. */
export async function rasterise({ width, height, shapes }: Drawing): Promise<Uint8Array> {
  const canvas = new OffscreenCanvas(width * FINER, height * FINER)
  const context = canvas.getContext('2d')
  if (!context) throw new Error('This browser cannot draw the graph into a document.')
  context.scale(FINER, FINER)
  context.fillStyle = '#fff'
  context.fillRect(0, 0, width, height)
  for (const shape of shapes) drawShape(context, shape)
  const picture = await canvas.convertToBlob({ type: 'image/png' })
  return new Uint8Array(await picture.arrayBuffer())
}
