import {
  Arrow,
  Bench,
  beaker,
  beakerLiquid,
  conical,
  conicalLiquid,
  Eye,
  Glass,
  Liquid,
  Metal,
  Paper,
  Pointer,
  Solid,
  Word,
} from './pieces.tsx'

export const Balance = () => (
  <Paper says="A weighing bottle on a balance; the solid is tipped straight into a beaker and the bottle weighed again">
    <Bench />
    <Metal d="M28 196h84v12H28zM70 196v-14M44 182h52" />
    <Glass d="M56 146h28v36H56z" fill="var(--sheet)" />
    <Solid d="M58 168h24v12H58z" />
    <Metal d="M54 143h32" />
    <rect x="46" y="199" width="48" height="8" fill="var(--hop-wash)" />
    <Glass d={beaker(150, 209, 62, 64)} />
    <Solid d="M162 206q18-16 38 0z" />
    <Arrow d="M92 140c26-40 62-40 84-10" to={[177, 131, 58]} />
    <Word x={18} y={120}>
      weigh before
    </Word>
    <Word x={18} y={136}>
      and after
    </Word>
    <Word x={142} y={84}>
      what left it
    </Word>
    <Pointer d="M172 90l6 50" />
  </Paper>
)

const FLASK = 'M96 14h24v92c0 12 52 40 52 78c0 20-20 26-64 26s-64-6-64-26c0-38 52-66 52-78z'

export const VolumetricFlask = () => (
  <Paper says="A volumetric flask: the bottom of the meniscus on the mark, the eye at its height">
    <Bench />
    <Liquid d="M96 62q12 8 24 0v44c0 12 52 40 52 78c0 20-20 25-64 25s-64-5-64-25c0-38 52-66 52-78z" />
    <Glass d={FLASK} />
    <path d="M90 66h36" stroke="var(--litmus)" strokeWidth="2" />
    <Eye x={206} y={66} />
    <Word x={16} y={60}>
      drop by drop
    </Word>
    <Pointer d="M84 52l12-30" />
    <Arrow d="M30 118c-14 30-6 66 14 82" to={[45, 201, 40]} />
    <Word x={6} y={94}>
      turn over
    </Word>
    <Word x={6} y={110}>
      20 times
    </Word>
  </Paper>
)

export const Pipette = () => (
  <Paper says="A pipette with a filler, its tip touching the wall of a slanted flask">
    <Bench />
    <g transform="rotate(16 150 150)">
      <Liquid d={conicalLiquid(112, 206)} />
      <Glass d={conical(112, 206)} />
    </g>
    <Glass d="M106 52v26q-13 6-13 24t13 24v48M116 52v26q13 6 13 24t-13 24l2 46" fill="var(--sheet)" />
    <path d="M100 62h22" stroke="var(--litmus)" strokeWidth="2" />
    <circle cx="111" cy="30" r="21" fill="var(--lark-wash)" stroke="var(--lark)" strokeWidth="2.5" />
    <Word x={140} y={66}>
      mark at eye level
    </Word>
    <Word x={14} y={160}>
      touch the wall,
    </Word>
    <Word x={14} y={176}>
      never blow
    </Word>
    <Pointer d="M88 170l24 4" />
  </Paper>
)

const BURETTE = 'M100 8v150l7 10v30M120 8v150l-7 10v30'

export const Burette = () => (
  <Paper says="A burette read at eye level, its jet full, the funnel taken out">
    <Bench />
    <Liquid d="M100 40q10 7 20 0v118l-7 10v28h-6v-28l-7-10z" />
    <Glass d={BURETTE} />
    <Metal d="M98 176h26M124 170v12" />
    {[30, 46, 62, 78, 94, 110, 126, 142].map((y) => (
      <path key={y} d={`M100 ${y}h8`} stroke="var(--ink)" strokeWidth="1.2" />
    ))}
    <Eye x={196} y={44} />
    <Word x={140} y={182}>
      jet full,
    </Word>
    <Word x={140} y={198}>
      no bubble
    </Word>
    <Pointer d="M136 186l-20 4" />
    <Glass d="M30 70h44l-18 24v24h-8V94z" />
    <Arrow d="M64 60c6-16 14-22 24-26" to={[62, 62, 125]} />
    <Word x={10} y={138}>
      take the
    </Word>
    <Word x={10} y={154}>
      funnel out
    </Word>
  </Paper>
)

export const Drop = () => (
  <Paper says="A conical flask on a white tile under the jet; a hanging drop is touched to the wall and washed down">
    <Bench />
    <path d="M58 204h110v6H58z" fill="var(--sheet)" stroke="var(--ink-soft)" strokeWidth="1.8" />
    <Liquid d={conicalLiquid(80, 203)} />
    <Glass d={conical(80, 203)} />
    <Glass d="M102 6v44l7 10v44M122 6v44l-7 10v44" />
    <Metal d="M98 68h30M128 62v12" />
    <path d="M112 106c5 8 6 12 0 16c-6-4-5-8 0-16z" fill="var(--hop)" />
    <Arrow d="M58 178c-16-8-16-24 0-30" to={[59, 147, -20]} />
    <Word x={8} y={140}>
      swirl
    </Word>
    <Word x={150} y={112}>
      half a drop:
    </Word>
    <Word x={150} y={128}>
      touch the wall
    </Word>
    <Word x={176} y={206}>
      tile
    </Word>
  </Paper>
)

export const Dilution = () => (
  <Paper says="Three flasks in a row: a tenth of the first goes into the second, a tenth of that into the third">
    <Bench />
    {[14, 92, 170].map((x, index) => (
      <g key={x}>
        <path d={beakerLiquid(x, 209, 54, 56)} fill="var(--hop)" opacity={[1, 0.4, 0.14][index]} />
        <Glass d={beaker(x, 209, 54, 72)} />
      </g>
    ))}
    <Arrow d="M44 128c14-26 50-26 66-2" to={[111, 128, 55]} />
    <Arrow d="M122 128c14-26 50-26 66-2" to={[189, 128, 55]} />
    <Word x={50} y={92}>
      10.0 cm³
    </Word>
    <Word x={128} y={92}>
      10.0 cm³
    </Word>
    <Word x={32} y={226}>
      1
    </Word>
    <Word x={106} y={226}>
      1/10
    </Word>
    <Word x={180} y={226}>
      1/100
    </Word>
  </Paper>
)

export const Syringe = () => (
  <Paper says="A flask closed with a bung, a tube to a level gas syringe; the solid hangs in a small tube">
    <Bench />
    <Liquid d={conicalLiquid(18, 209)} />
    <Glass d={conical(18, 209)} />
    <path d="M40 124h22v14H40z" fill="var(--lark)" />
    <Glass d="M50 124V96h66" />
    <Glass d="M116 84h84v24h-84z" fill="var(--sheet)" />
    <path d="M150 86v20" stroke="var(--ink)" strokeWidth="6" />
    <Metal d="M153 96h64M217 86v20" />
    <Glass d="M46 150v22a4 4 0 0 0 8 0v-22" />
    <Solid d="M47 166h6v8h-6z" />
    <Word x={96} y={72}>
      read at the front edge
    </Word>
    <Pointer d="M148 74v10" />
    <Word x={104} y={150}>
      clamped level,
    </Word>
    <Word x={104} y={166}>
      slides by itself
    </Word>
    <Pointer d="M150 140l10-30" />
  </Paper>
)

export const Cup = () => (
  <Paper says="A plastic cup with a lid stands in a beaker; the bulb of the thermometer is covered">
    <Bench />
    <Glass d={beaker(64, 209, 112, 92)} />
    <Liquid d="M86 152h68l-6 48h-56z" />
    <path d="M80 124h80l-10 80h-60z" fill="none" stroke="var(--ink-soft)" strokeWidth="5" strokeLinejoin="round" />
    <path d="M72 120h96" stroke="var(--ink-soft)" strokeWidth="7" strokeLinecap="round" />
    <Glass d="M106 20h10v160a5 5 0 0 1-10 0z" fill="var(--sheet)" />
    <path d="M111 80v100" stroke="var(--litmus)" strokeWidth="3" />
    <Metal d="M138 60v112M132 172h12" />
    <Word x={148} y={70}>
      stir
    </Word>
    <Word x={14} y={112}>
      lid
    </Word>
    <Pointer d="M34 112l40 8" />
    <Word x={4} y={186}>
      bulb
    </Word>
    <Word x={4} y={202}>
      covered
    </Word>
    <Pointer d="M50 186l56-6" />
  </Paper>
)
