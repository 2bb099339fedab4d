import {
  behaviourOf,
  expectedIn,
  type Identification,
  type IdentifyOptions,
  identifying,
  offersFor,
  type Rack,
  type SampleVerdict,
  type TubeWhatIf,
  warmingUp,
  whatIfIn,
} from '@hop-lark/core/identify'

/** A verdict, and the advice when it is there. */
export type SoFar = SampleVerdict & Partial<Pick<Identification, 'next'>>

/** Work between two looks at what else is asked, ms: offers and predictions must not wait for an identification. */
const SLICE = 30

const breathe = () => new Promise((resume) => setTimeout(resume, 0))

/** The last thing that each page asked. */
const latest = new Map<string, number>()
let asked = 0

const warming = warmingUp()

/** While nothing is asked, what will be asked soon is played ahead. */
async function warmUp(): Promise<void> {
  const since = asked
  while (since === asked) {
    const began = performance.now()
    while (performance.now() - began < SLICE) if (warming.next().done) return
    await breathe()
  }
}

/** The chemistry of the rack, away from the page. What was played is remembered as long as the worker lives. */
export const chemistryWork = {
  /**
   * Identifies the samples of a rack, the one that is looked at first; a later call of the same
   * asker ends an earlier one.
   *
   * @param asker - names who asks
   * @param onProgress - of the sample that is looked at, from 0 to 1
   * @param onFound - of each sample first the verdict, then the same with advice
   */
  async identify(
    asker: string,
    samples: Rack['samples'],
    options: IdentifyOptions,
    lookedAt: string | undefined,
    onProgress: (done: number) => void,
    onFound: (found: SoFar) => void,
  ): Promise<void> {
    const mine = (latest.get(asker) ?? 0) + 1
    latest.set(asker, mine)
    asked++
    const materials = samples.map(({ material }) => material)
    let began = performance.now()
    for (const only of materials.toSorted((a, b) => Number(b === lookedAt) - Number(a === lookedAt))) {
      const running = identifying(samples, { ...options, only })
      for (;;) {
        const step = running.next()
        if (step.done) {
          for (const found of step.value) onFound(found)
          break
        }
        const { done, verdict } = step.value
        // The verdict need not wait for the advice.
        if (verdict) onFound(verdict)
        if (performance.now() - began < SLICE) continue
        if (only === lookedAt) onProgress(done)
        await breathe()
        if (mine !== latest.get(asker)) return
        began = performance.now()
      }
    }
    void warmUp()
  },
  offers: async (...given: Parameters<typeof offersFor>) => offersFor(...given),
  behaviour: async (ion: string) => behaviourOf(ion),
  /** What slips would have shown in a tube; stops for a breath between pieces of work, and for a later question of the same asker. */
  async whatIf(asker: string, ...given: Parameters<typeof whatIfIn>): Promise<readonly TubeWhatIf[] | undefined> {
    const mine = (latest.get(asker) ?? 0) + 1
    latest.set(asker, mine)
    const running = whatIfIn(...given)
    let began = performance.now()
    for (;;) {
      const step = running.next()
      if (step.done) return step.value
      if (performance.now() - began < SLICE) continue
      await breathe()
      if (mine !== latest.get(asker)) return undefined
      began = performance.now()
    }
  },
  expected: async (...given: Parameters<typeof expectedIn>) => expectedIn(...given),
}

export type ChemistryWork = typeof chemistryWork
