import { Arrow, Bench, Burner, beaker, beakerLiquid, Glass, Liquid, Metal, Paper, Pointer, Solid, Word } from './pieces.tsx'

export const Saturated = () => (
  <Paper says="A stirred beaker with solid left over at the bottom, and a thermometer in it">
    <Bench />
    <Liquid d={beakerLiquid(60, 209, 110, 86)} />
    <Solid d="M72 208q42-22 86 0z" />
    <Glass d={beaker(60, 209, 110, 120)} />
    <Metal d="M146 66l-26 120" />
    <Arrow d="M96 96c14-12 40-12 50 0" to={[147, 98, 50]} />
    <Glass d="M84 60h8v100a4 4 0 0 1-8 0z" fill="var(--sheet)" />
    <path d="M88 104v56" stroke="var(--litmus)" strokeWidth="2.5" />
    <Word x={172} y={150}>
      solid left
    </Word>
    <Word x={172} y={166}>
      over: full
    </Word>
    <Pointer d="M170 170l-22 30" />
    <Word x={14} y={56}>
      temperature
    </Word>
  </Paper>
)

export const Filter = () => (
  <Paper says="A folded paper in a funnel, liquid poured down a rod, the stem against the wall of the beaker">
    <Bench />
    <Liquid d={beakerLiquid(90, 209, 76, 30)} />
    <Glass d={beaker(90, 209, 76, 70)} />
    <Liquid d="M92 76h58l-26 44h-6z" />
    <Glass d="M78 56h86l-36 62v52l-10 4v-56z" />
    <path d="M86 62l35 56l35-56" fill="none" stroke="var(--ink-soft)" strokeWidth="1.8" strokeDasharray="5 3" />
    <Metal d="M60 16l48 72" />
    <Arrow d="M20 40c8-18 22-26 36-24" to={[57, 16, 10]} />
    <Word x={6} y={62}>
      down a rod
    </Word>
    <Word x={168} y={70}>
      below two
    </Word>
    <Word x={168} y={86}>
      thirds
    </Word>
    <Pointer d="M166 74l-18 4" />
    <Word x={172} y={164}>
      stem at
    </Word>
    <Word x={172} y={180}>
      the wall
    </Word>
    <Pointer d="M170 168l-46 4" />
  </Paper>
)

export const Mortar = () => (
  <Paper says="Tablets pressed in a mortar with a pestle, then washed into a beaker">
    <Bench />
    <path
      d="M30 140h96c0 40-16 62-30 66H60c-14-4-30-26-30-66z"
      fill="var(--sheet)"
      stroke="var(--glass)"
      strokeWidth="3"
      strokeLinejoin="round"
    />
    <Solid d="M54 168q24-14 48 0q-10 26-24 26t-24-26z" />
    <path
      d="M88 60l14-6l0 0l-8 92q-12 18-20 0z"
      fill="var(--lark-wash)"
      stroke="var(--lark)"
      strokeWidth="2.5"
      strokeLinejoin="round"
    />
    <Arrow d="M50 110c6 10 16 14 26 10" to={[77, 119, -30]} />
    <Glass d={beaker(156, 209, 60, 66)} />
    <Liquid d={beakerLiquid(156, 209, 60, 26)} />
    <Arrow d="M124 124c20-14 40-10 54 8" to={[179, 133, 55]} />
    <Word x={12} y={96}>
      press, then
    </Word>
    <Word x={12} y={112}>
      grind
    </Word>
    <Word x={140} y={96}>
      wash it over
    </Word>
  </Paper>
)

export const PaperStrip = () => (
  <Paper says="A strip of paper in a closed jar: pencil line with spots above the solvent, the front marked near the top">
    <Bench />
    <Liquid d="M62 190h116v18H62z" />
    <Glass d="M62 40v164q0 5 5 5h106q5 0 5-5V40" />
    <path d="M54 38h132" stroke="var(--ink-soft)" strokeWidth="6" strokeLinecap="round" />
    <path d="M88 46h64v152H88z" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.8" />
    <path d="M88 178h64" stroke="var(--ink-soft)" strokeWidth="1.5" />
    <path d="M88 68h64" stroke="var(--ink-soft)" strokeWidth="1.5" strokeDasharray="4 3" />
    {[102, 120, 138].map((x, index) => (
      <g key={x}>
        <circle cx={x} cy={178} r="3" fill="var(--lark)" />
        <ellipse cx={x} cy={[130, 96, 130][index]} rx="5" ry="7" fill={index === 1 ? 'var(--litmus)' : 'var(--hop)'} />
      </g>
    ))}
    <Word x={186} y={70}>
      front
    </Word>
    <Pointer d="M184 68h-30" />
    <Word x={186} y={176}>
      pencil
    </Word>
    <Pointer d="M184 176h-30" />
    <Word x={4} y={172}>
      solvent
    </Word>
    <Word x={4} y={188}>
      below it
    </Word>
    <Pointer d="M44 192l24 8" />
  </Paper>
)

export const Crucible = () => (
  <Paper says="A crucible with its lid a little open on a triangle over a roaring flame">
    <Bench />
    <Metal d="M58 208V112h124v96M58 112h124" />
    <path d="M96 78h52l-8 36q-18 8-36 0z" fill="var(--sheet)" stroke="var(--glass)" strokeWidth="3" strokeLinejoin="round" />
    <Solid d="M103 100h38l-2 12q-17 6-34 0z" />
    <path d="M92 72l58-12" stroke="var(--glass)" strokeWidth="5" strokeLinecap="round" />
    <Burner x={122} y={128} />
    <Arrow d="M150 50c6-8 4-16-2-22" to={[148, 27, -125]} />
    <Word x={156} y={34}>
      steam gets
    </Word>
    <Word x={156} y={50}>
      out
    </Word>
    <Word x={186} y={150}>
      air hole
    </Word>
    <Word x={186} y={166}>
      open
    </Word>
    <Pointer d="M184 160l-54 24" />
    <Word x={4} y={90}>
      heat, cool,
    </Word>
    <Word x={4} y={106}>
      weigh, again
    </Word>
  </Paper>
)

export const BoilingOff = () => (
  <Paper says="A dish half full on gauze over a small flame; crystals at the edge">
    <Bench />
    <Metal d="M58 208V104h124v96M50 104h140" />
    <Liquid d="M74 84h92q-12 18-46 18t-46-18z" />
    <Glass d="M62 68q12 36 58 36t58-36" />
    <Solid d="M66 74l8 2l-2 8zM166 76l8-2l-4 10z" />
    <Burner x={120} y={124} />
    <Arrow d="M100 54c-6-10 6-14 0-26" to={[100, 27, -100]} />
    <Arrow d="M138 54c-6-10 6-14 0-26" to={[138, 27, -100]} />
    <Word x={166} y={34}>
      crystals:
    </Word>
    <Word x={166} y={50}>
      flame away
    </Word>
    <Pointer d="M184 54l-12 18" />
    <Word x={4} y={62}>
      half full
    </Word>
    <Pointer d="M50 64l26 20" />
  </Paper>
)
