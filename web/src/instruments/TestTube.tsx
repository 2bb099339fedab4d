import { CHEMICAL_COLOURS, type ChemicalColour } from '@hop-lark/core/palette'
import type { DrawnTube } from '@hop-lark/core/rack'
import { useId } from 'react'

const WIDTH = 56
const HEIGHT = 128
const WALL = { left: 11, right: 45, top: 10, bottom: 124 }
const INSIDE = 'M12.5 10V107a15.5 15.5 0 0 0 31 0V10z'
/** Depth of a liquid that floats on the rest. */
const LAYER = 17
/** cm³ at which the drawing is full. */
const FULL = 10

const paint = (colour: string): string =>
  Object.hasOwn(CHEMICAL_COLOURS, colour) ? CHEMICAL_COLOURS[colour as ChemicalColour] : 'var(--glass)'

/** Where specks of a precipitate hang, and bubbles rise. */
const SPECKS = [
  [20, 0.2],
  [34, 0.3],
  [26, 0.42],
  [38, 0.55],
  [19, 0.6],
  [30, 0.72],
] as const

/** A tube as its record has it, in words. */
export function describeTube({ liquid, volume, solid, layer, bubbles, paper, flame }: DrawnTube): string {
  return [
    volume > 0 ? `${liquid} liquid` : 'no liquid',
    solid &&
      `${solid.colour} ${volume > 0 ? 'precipitate' : 'solid'}${volume > 0 ? (solid.settled ? ', settled' : ', suspended') : ''}`,
    layer && `${layer} upper layer`,
    bubbles && 'bubbles',
    paper && `paper turned from ${paper.from} to ${paper.to}`,
    flame && `at the mouth: ${flame}`,
  ]
    .filter(Boolean)
    .join(', ')
}

/** A test tube drawn as it now is. */
export function TestTube({ tube }: { readonly tube: DrawnTube }) {
  const clip = useId()
  const { volume, liquid, solid, layer, bubbles, paper, flame } = tube
  const share = volume <= 0 ? 0 : 0.3 + 0.45 * Math.min(1, Math.sqrt(volume / FULL))
  const top = WALL.bottom - share * (WALL.bottom - WALL.top)
  const depth = solid ? (solid.much ? 26 : 12) : 0
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="h-auto w-full max-w-12" aria-hidden="true">
      <clipPath id={clip}>
        <path d={INSIDE} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        <rect x="0" y="0" width={WIDTH} height={HEIGHT} fill="var(--sheet)" />
        {volume > 0 && <rect x="0" y={top} width={WIDTH} height={HEIGHT} fill={paint(liquid)} fillOpacity="0.85" />}
        {layer && (
          <g>
            <rect x="0" y={top} width={WIDTH} height={LAYER} fill="var(--sheet)" />
            <rect x="0" y={top} width={WIDTH} height={LAYER} fill={paint(layer)} fillOpacity="0.75" />
            <path d={`M12 ${top + LAYER}H44`} stroke="var(--glass)" strokeWidth="1.2" />
          </g>
        )}
        {volume > 0 && <ellipse cx="28" cy={top} rx="16" ry="2.2" fill="var(--sheet)" fillOpacity="0.55" />}
        {solid && (
          <path
            d={`M12 ${WALL.bottom - depth}q8 -4 16 0t17 -1V${HEIGHT}H12z`}
            fill={paint(solid.colour)}
            stroke="var(--glass)"
            strokeWidth="0.8"
          />
        )}
        {solid &&
          volume > 0 &&
          !solid.settled &&
          SPECKS.map(([x, down]) => (
            <circle
              key={x}
              cx={x}
              cy={top + 4 + down * Math.max(0, WALL.bottom - depth - top - 6)}
              r="1.8"
              fill={paint(solid.colour)}
              stroke="var(--glass)"
              strokeWidth="0.5"
            />
          ))}
        {bubbles &&
          SPECKS.map(([x, down]) => (
            <circle
              key={x}
              cx={x + 2}
              cy={top + 2 + down * (WALL.bottom - top - 8)}
              r="2.4"
              fill="var(--sheet)"
              fillOpacity="0.75"
              stroke="var(--glass)"
              strokeWidth="0.9"
            />
          ))}
      </g>
      <path d="M12.5 10V107a15.5 15.5 0 0 0 31 0V10" fill="none" stroke="var(--glass)" strokeWidth="1.8" />
      <path d="M6 10H50" stroke="var(--glass)" strokeWidth="2" strokeLinecap="round" />
      {paper && (
        <g transform="rotate(14 30 12)" stroke="var(--glass)" strokeWidth="0.8">
          <rect x="26" y="0" width="9" height="13" fill={paint(paper.from)} />
          <rect x="26" y="13" width="9" height="14" fill={paint(paper.to)} />
        </g>
      )}
      {flame && (
        <path
          d="M40 16c-5 -4 -3 -9 0 -15c4 5 6 11 0 15z"
          fill={Object.hasOwn(CHEMICAL_COLOURS, flame) ? paint(flame) : 'var(--iodine)'}
          stroke="var(--glass)"
          strokeWidth="0.8"
        />
      )}
    </svg>
  )
}
