import { checkTask } from '@hop-lark/core/check'
import { type Identification, identifyRack, isWorthSaying, knownOf, sayTells } from '@hop-lark/core/identify'
import { problemsIn } from '@hop-lark/core/problem'
import { materialLabel, stepPath, type Task } from '@hop-lark/core/record'
import { readTaskFile } from './files.ts'
import { type Output, plainProblem, statusOf, writeJson, writeProblems } from './output.ts'

const PLACES = 3

function plainSample({ material, ions, nothing, other, liquid, whole, gases, next }: Identification) {
  return {
    material,
    nothing: Number(nothing.toFixed(PLACES)),
    other: Number(other.toFixed(PLACES)),
    ions: ions.map(({ ion, verdict, probability, for: evidence, against }) => ({
      ion,
      verdict,
      probability: Number(probability.toFixed(PLACES)),
      for: evidence,
      against,
    })),
    ...(liquid ? { liquid: plainLiquid(liquid) } : {}),
    ...(whole.length > 0
      ? { whole: whole.map(({ probability, ...one }) => ({ ...one, probability: Number(probability.toFixed(PLACES)) })) }
      : {}),
    gases,
    next: next.map(({ test, tells, bits }) => ({ test, tells, bits: Number(bits.toFixed(2)) })),
  }
}

const plainLiquid = ({ says, sure, kinds }: NonNullable<Identification['liquid']>) => ({
  says,
  sure,
  kinds: kinds.map(({ kind, probability, for: evidence, against }) => ({
    kind,
    probability: Number(probability.toFixed(PLACES)),
    for: evidence,
    against,
  })),
})

function writeLiquid(output: Output, { says, sure, kinds }: NonNullable<Identification['liquid']>): void {
  output.out(`  as a liquid: ${sure ? '' : 'not settled: '}${says}\n`)
  const [likeliest] = kinds
  if (likeliest && likeliest.for.length > 0) output.out(`    ${likeliest.kind} by ${likeliest.for.join(', ')}\n`)
}

function writeSample(output: Output, task: Task, found: Identification): void {
  output.out(`${materialLabel(task, found.material)}\n`)
  for (const { ion, verdict, probability, for: evidence } of found.ions) {
    if (verdict === 'untested' || verdict === 'absent') continue
    output.out(
      `  ${ion.padEnd(9)} ${verdict} (${probability.toFixed(2)})${evidence.length > 0 ? `: ${evidence.join(', ')}` : ''}\n`,
    )
  }
  const absent = found.ions.filter(({ verdict }) => verdict === 'absent').map(({ ion }) => ion)
  if (absent.length > 0) output.out(`  absent: ${absent.join(', ')}\n`)
  for (const { name, probability } of found.whole) output.out(`  as it came: ${name} (${probability.toFixed(2)})\n`)
  if (found.liquid) writeLiquid(output, found.liquid)
  if (isWorthSaying(found.nothing)) output.out('  nothing of the list of ions has shown: water, or too weak\n')
  if (isWorthSaying(found.other)) output.out('  fits no ion of the list well\n')
  for (const at of found.doubtful) output.out(`  ${at} does not fit: worth repeating\n`)
  for (const next of found.next) output.out(`  next: ${next.test} (tells ${sayTells(next)})\n`)
}

const identifyProblem = problemsIn({
  'identify.doubtful': {
    level: 'advice',
    says: () => 'What was seen here does not fit the rest.',
    mend: () => 'Repeat this step on a fresh portion.',
  },
})

/** `hop-lark identify FILE`: what each sample of the racks holds, with the evidence, and what to do next. */
export async function identifyCommand(file: string, json: boolean, output: Output): Promise<number> {
  const task = await readTaskFile(file)
  const racks = task.parts.flatMap((part) =>
    part.kind === 'rack' ? [{ part, found: identifyRack(part.samples, knownOf(task, part)) }] : [],
  )
  const samples = racks.flatMap(({ found }) => found)
  const problems = checkTask(task)
  const steps = racks.flatMap(({ part, found }) =>
    found.flatMap(({ doubtful }) =>
      doubtful.flatMap((step) => {
        const at = stepPath(part, step)
        return at ? [at] : []
      }),
    ),
  )
  const doubtful = steps.map((at) => identifyProblem('identify.doubtful', at, {}))
  const all = [...problems, ...doubtful]
  if (json) writeJson(output, { samples: samples.map(plainSample), problems: all.map(plainProblem) })
  else {
    if (samples.length === 0) output.out('No test tubes are recorded in this task.\n')
    for (const sample of samples) writeSample(output, task, sample)
    writeProblems(output, problems)
  }
  return statusOf(all)
}
