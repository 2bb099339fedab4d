import { setText } from '@hop-lark/core/typeset'
import { type Drawing, INK, type Shape, STROKES } from '@hop-lark/core/writeup'
import { SetLine } from '../ui/Chem.tsx'

/** A drawing of the report: dark on white in any theme, as it will be on paper. */
export function DrawingFigure({ drawing, caption }: { readonly drawing: Drawing; readonly caption: string }) {
  const { width, height, says, shapes } = drawing
  return (
    <figure className="my-4">
      <svg
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={says}
        className="w-full rounded bg-white"
        style={{ maxWidth: width }}
      >
        {shapes.map((shape, index) => (
          <ShapeMark key={index} shape={shape} />
        ))}
      </svg>
      <figcaption className="text-sm text-ink-soft">
        <SetLine line={setText(caption)} />
      </figcaption>
    </figure>
  )
}

const strokeOf = (stroke: keyof typeof STROKES) => {
  const { colour, width, dashes } = STROKES[stroke]
  return { stroke: colour, strokeWidth: width, ...(dashes ? { strokeDasharray: dashes } : {}) }
}

function ShapeMark({ shape }: { readonly shape: Shape }) {
  switch (shape.kind) {
    case 'path':
      return <path d={shape.d} fill="none" {...strokeOf(shape.stroke)} />
    case 'circle':
      return (
        <circle
          cx={shape.x}
          cy={shape.y}
          r={shape.r}
          fill={shape.filled ? STROKES[shape.stroke].colour : 'none'}
          {...strokeOf(shape.stroke)}
        />
      )
    case 'spot':
      return <ellipse cx={shape.x} cy={shape.y} rx="11" ry="9" fill={shape.fill} {...strokeOf('mark')} />
    case 'text':
      return (
        <text
          x={shape.x}
          y={shape.y}
          textAnchor={shape.anchor}
          fontSize={shape.size}
          fill={INK}
          {...(shape.turned === undefined ? {} : { transform: `rotate(${shape.turned} ${shape.x} ${shape.y})` })}
        >
          {shape.text}
        </text>
      )
  }
}
