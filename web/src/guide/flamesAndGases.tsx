import { Arrow, Bench, Burner, Glass, Liquid, Metal, Paper, Pointer, Solid, tube, tubeLiquid, Word } from './pieces.tsx'

export const TubeInFlame = () => (
  <Paper says="A slanted test-tube, a quarter full, moved through the edge of the flame, its mouth away from people">
    <Bench />
    <g transform="rotate(42 130 90)">
      <Liquid d={tubeLiquid(120, 122, 152)} />
      <Glass d={tube(120, 34, 118)} />
      <Metal d="M112 58h36M148 52v12" />
    </g>
    <Burner x={84} y={128} />
    <Arrow d="M58 112c-8-12-4-24 8-30" to={[67, 81, -20]} />
    <Arrow d="M108 154c14 2 22-6 24-18" to={[132, 134, -80]} />
    <Word x={4} y={20}>
      mouth away from
    </Word>
    <Word x={4} y={36}>
      everybody
    </Word>
    <Word x={4} y={60}>
      keep it
    </Word>
    <Word x={4} y={76}>
      moving
    </Word>
    <Word x={142} y={178}>
      a quarter full
    </Word>
    <Pointer d="M140 174l-24-46" />
  </Paper>
)

export const Wire = () => (
  <Paper says="A wire with a few moist grains held into the edge of a blue flame">
    <Bench />
    <Burner x={126} y={128} />
    <Metal d="M28 112l78 32" />
    <path d="M14 104l22 10" stroke="var(--lark)" strokeWidth="8" strokeLinecap="round" />
    <circle cx="107" cy="145" r="4" fill="var(--litmus)" />
    <path d="M126 100c12 18 14 26 4 42c-2-16-10-22-4-42z" fill="var(--litmus-wash)" stroke="var(--litmus)" strokeWidth="1.5" />
    <Word x={150} y={112}>
      colour at
    </Word>
    <Word x={150} y={128}>
      the edge
    </Word>
    <Word x={10} y={84}>
      clean wire, a few grains
    </Word>
    <Glass d="M26 178h34v24q0 6-6 6H32q-6 0-6-6z" />
    <Liquid d="M27 190h32v12q0 5-5 5H32q-5 0-5-5z" />
    <Word x={66} y={204}>
      acid
    </Word>
  </Paper>
)

export const GasUp = () => (
  <Paper says="A light gas rises into a dry tube held upside down over the mouth">
    <Bench />
    <Liquid d={tubeLiquid(100, 170, 208)} />
    <Solid d="M104 196h12v8h-12z" />
    <Glass d={tube(100, 118, 90)} />
    <Glass d="M98 104h24M100 104V28a10 10 0 0 1 20 0v76" fill="var(--sheet)" />
    {[106, 114, 109].map((x, index) => (
      <circle key={x} cx={x} cy={186 - index * 7} r="2.5" fill="none" stroke="var(--ink-soft)" />
    ))}
    <Arrow d="M110 150v-92" to={[110, 57, -90]} />
    <Word x={132} y={48}>
      lighter than air:
    </Word>
    <Word x={132} y={64}>
      it rises
    </Word>
    <path d="M30 136l44-18" stroke="var(--lark)" strokeWidth="3" strokeLinecap="round" />
    <path d="M76 117c8-4 10-10 6-16c-6 2-9 8-6 16z" fill="var(--iodine-wash)" stroke="var(--iodine)" strokeWidth="1.5" />
    <Word x={8} y={158}>
      paper or splint
    </Word>
    <Word x={8} y={174}>
      at the mouth
    </Word>
  </Paper>
)

export const GasDown = () => (
  <Paper says="A heavy gas is led down into a dry tube that stands upright">
    <Bench />
    <Liquid d={tubeLiquid(40, 170, 208)} />
    <Glass d={tube(40, 118, 90)} />
    <path d="M41 116h18v10H41z" fill="var(--lark)" />
    <Glass d="M50 116V84h90v96" />
    <Glass d={tube(130, 110, 98)} />
    <Arrow d="M160 140v40" to={[160, 181, 90]} />
    <Word x={168} y={164}>
      heavier
    </Word>
    <Word x={168} y={180}>
      than air
    </Word>
  </Paper>
)

export const GasOverWater = () => (
  <Paper says="A gas is led through a bent tube under a tube full of water, upside down in a trough">
    <Bench />
    <Liquid d={tubeLiquid(26, 158, 200)} />
    <Glass d={tube(26, 104, 96)} />
    <path d="M27 102h18v10H27z" fill="var(--lark)" />
    <Liquid d="M92 166h136v42H92z" />
    <Glass d="M92 148v56q0 5 5 5h126q5 0 5-5v-56" />
    <Liquid d="M160 100h20v78h-20z" />
    <Glass d="M158 184h24M160 184V66a10 10 0 0 1 20 0v118" />
    <Glass d="M36 102V78h80v120h52v-14" />
    {[168, 172, 169].map((x, index) => (
      <circle key={x} cx={x} cy={172 - index * 20} r="3" fill="var(--sheet)" stroke="var(--ink-soft)" />
    ))}
    <Word x={188} y={96}>
      gas
    </Word>
    <Pointer d="M186 92l-14-8" />
    <Word x={66} y={48}>
      first bubbles are air
    </Word>
  </Paper>
)

export const GasIntoLimewater = () => (
  <Paper says="A gas is led through a bent tube into limewater, the end of the tube below its surface">
    <Bench />
    <Liquid d={tubeLiquid(40, 160, 208)} />
    <Solid d="M44 194h12v8H44z" />
    <Glass d={tube(40, 112, 96)} />
    <path d="M41 110h18v10H41z" fill="var(--lark)" />
    <Glass d="M50 110V80h90v112" />
    <Liquid d={tubeLiquid(130, 156, 208)} />
    <Glass d={tube(130, 112, 96)} />
    {[146, 144, 147].map((y, index) => (
      <circle key={y} cx={136 + index * 4} cy={y + 38 - index * 12} r="2.5" fill="var(--sheet)" stroke="var(--ink-soft)" />
    ))}
    <Word x={160} y={160}>
      limewater:
    </Word>
    <Word x={160} y={176}>
      white, cloudy
    </Word>
    <Word x={62} y={66}>
      take it out before it stops
    </Word>
  </Paper>
)
