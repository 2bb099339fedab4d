import { decimalPlaces, Exact, formatFigures, formatPlaces } from '@hop-lark/core/number'
import type { Answer } from '@hop-lark/core/reckon'
import type { Sureness } from '@hop-lark/core/uncertainty'
import { Fragment, Suspense, useState } from 'react'
import { useWidth } from '../instruments/useWidth.ts'
import { Disclosure } from '../ui/Disclosure.tsx'
import { later } from '../ui/later.tsx'
import { Num } from '../ui/Num.tsx'
import { Segments } from '../ui/Segments.tsx'
import type { BudgetBar } from './BudgetBars.tsx'
import { TrialsPanel } from './TrialsPanel.tsx'

const BudgetBars = later(() => import('./BudgetBars.tsx').then((module) => module.BudgetBars))

const WIDEST = 720

type School = 'standard' | 'percentage'

/** `0.6 %` of a part of the answer. */
const asPercent = (part: number) => `${formatFigures(new Exact(part * 100), 2)} %`

/** Where an answer's uncertainty comes from, what would help most, and trials to see it. */
export function HowSure({ answer, sureness }: { readonly answer: Answer; readonly sureness: Sureness }) {
  return <Disclosure title="How sure">{() => <SurePanel answer={answer} sureness={sureness} />}</Disclosure>
}

function SurePanel({ answer, sureness }: { readonly answer: Answer; readonly sureness: Sureness }) {
  const [school, setSchool] = useState<School>('standard')
  const [frame, { width }] = useWidth(WIDEST)
  const bars = school === 'standard' ? standardBars(sureness) : percentageBars(sureness)
  return (
    <div ref={frame} className="max-w-3xl pt-1">
      <Segments
        label="How uncertainty is stated"
        value={school}
        choices={[
          { value: 'standard', says: 'Standard, k = 2' },
          { value: 'percentage', says: 'Percentage errors' },
        ]}
        onChange={setSchool}
      />
      <Result answer={answer} sureness={sureness} school={school} />
      <figure aria-label={`Sources of uncertainty: ${bars.map(({ says, label }) => `${says} ${label}`).join('; ')}`}>
        <Suspense fallback={<p className="py-2 text-ink-soft">Drawing the bars …</p>}>
          <BudgetBars bars={bars} width={width} />
        </Suspense>
        <figcaption className="mt-1 text-sm text-ink-soft">
          {school === 'standard'
            ? 'Part of the whole (of u²) that each source brings.'
            : 'The largest error of each reading, in per cent of the answer; they are added up.'}
        </figcaption>
      </figure>
      <Cures sureness={sureness} />
      <Advice sureness={sureness} school={school} />
      <TrialsPanel answer={answer} sureness={sureness} width={width} />
    </div>
  )
}

function standardBars({ shares }: Sureness): readonly BudgetBar[] {
  return shares
    .filter(({ share }) => share > 0)
    .map(({ source, share }) => ({
      says: source.says,
      part: share,
      label: share < 0.01 ? '< 1 %' : `${Math.round(share * 100)} %`,
    }))
}

function percentageBars({ shares }: Sureness): readonly BudgetBar[] {
  return shares
    .filter(({ limit }) => limit > 0)
    .toSorted((a, b) => b.limit - a.limit)
    .map(({ source, limit }) => ({ says: source.limitSays ?? source.says, part: limit, label: asPercent(limit) }))
}

interface ResultProps {
  readonly answer: Answer
  readonly sureness: Sureness
  readonly school: School
}

/** The answer with its uncertainty to two figures, and as a part of it. */
function Result({ answer, sureness, school }: ResultProps) {
  const part = school === 'standard' ? sureness.expanded : sureness.limit
  const unrounded = new Exact(answer.unrounded ?? 0)
  const size = formatFigures(unrounded.abs().mul(part), 2)
  // The answer to the last place of its uncertainty, unless either is in standard form.
  const plain = !size.includes('e') && !answer.value?.includes('e')
  const value = plain ? formatPlaces(unrounded, decimalPlaces(size)) : (answer.value ?? '')
  return (
    <p className="py-3">
      <span className="text-[1.25rem] font-semibold">
        <Num text={value} /> ± <Num text={size} unit={answer.unit} />
      </span>
      <span className="text-ink-soft">
        {' '}
        that is ±{asPercent(part)}
        {school === 'standard' ? ': about 95 % of such results lie within it.' : ': the sum of the largest errors.'}
      </span>
    </p>
  )
}

/** What would make each source smaller, where something would. */
function Cures({ sureness: { shares } }: Pick<ResultProps, 'sureness'>) {
  const cured = shares.filter(({ source, share }) => share > 0 && source.better)
  if (cured.length === 0) return null
  return (
    <dl className="mt-2 grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-x-4 gap-y-0.5 text-sm">
      <dt className="font-semibold">Source</dt>
      <dd className="font-semibold">What makes it smaller</dd>
      {cured.map(({ source }) => (
        <Fragment key={source.id}>
          <dt className="text-ink-soft">{source.says}</dt>
          <dd>{source.better?.says}</dd>
        </Fragment>
      ))}
    </dl>
  )
}

function Advice({ sureness, school }: { readonly sureness: Sureness; readonly school: School }) {
  const { gain, shares, stated } = sureness
  const [largest] = shares
  return (
    <div className="mt-3 flex flex-col gap-2">
      {gain && school === 'standard' && (
        <p className="border-l-3 border-lark bg-lark-wash px-4 py-2.5">
          {largest && <>Largest source: {largest.source.says}. </>}
          <strong className="font-semibold">{gain.says.charAt(0).toUpperCase() + gain.says.slice(1)}</strong>: ±
          {asPercent(gain.from)} would become ±{asPercent(gain.to)}.
        </p>
      )}
      {stated.length > 0 && <p className="text-sm text-ink-soft">Taken as exact, as stated: {stated.join('; ')}.</p>}
    </div>
  )
}
