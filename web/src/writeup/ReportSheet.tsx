import { setText } from '@hop-lark/core/typeset'
import type { Block, Report, Section } from '@hop-lark/core/writeup'
import { PhotographFigure } from '../photographs/PhotographFigure.tsx'
import { SetLine } from '../ui/Chem.tsx'
import { AnsweredBlock } from './AnsweredBlock.tsx'
import { DrawingFigure } from './DrawingFigure.tsx'
import { ReportTable } from './ReportTable.tsx'
import { Sentences } from './Sentences.tsx'

/** The sheet of paper that is handed in. */
export function ReportSheet({ report: { title, when, sections } }: { readonly report: Report }) {
  return (
    <article
      aria-label="Report"
      className="report max-w-4xl border border-rule bg-(--report-paper) px-9 py-8 max-[599px]:px-4 print:border-0 print:p-0"
    >
      <header className="flex flex-wrap items-baseline justify-between gap-x-6 border-b-[1.5px] border-ink pb-2">
        <h2 className="text-2xl font-bold">{title}</h2>
        {when && <p className="text-ink-soft">{when}</p>}
      </header>
      {sections.length === 0 && (
        <p className="mt-4 text-ink-soft">Nothing is recorded yet. The report writes itself from the readings as they come in.</p>
      )}
      {sections.map((section) => (
        <ReportSection key={section.id} section={section} />
      ))}
    </article>
  )
}

function ReportSection({ section }: { readonly section: Section }) {
  return (
    <section aria-labelledby={`report-${section.id}`} className="mt-6">
      <h3 id={`report-${section.id}`} className="mb-1.5 text-lg font-bold">
        {section.heading}
      </h3>
      {section.blocks.map((block, index) => (
        <ReportBlock key={keyOf(block, index)} block={block} section={section} />
      ))}
    </section>
  )
}

function keyOf(block: Block, index: number): string {
  if (block.kind === 'table') return block.table.id
  if (block.kind === 'drawing') return block.id
  if (block.kind === 'answer') return block.answer.id
  if (block.kind === 'photograph') return block.photograph.id
  return `${block.kind} ${index}`
}

function ReportBlock({ block, section }: { readonly block: Block; readonly section: Section }) {
  switch (block.kind) {
    case 'sentences':
      return <Sentences section={section} as={block.as} sentences={block.sentences} />
    case 'list':
      return (
        <ul className="list-disc pl-5 min-[700px]:columns-2">
          {block.items.map((item) => (
            <li key={item}>
              <SetLine line={setText(item)} />
            </li>
          ))}
        </ul>
      )
    case 'table':
      return <ReportTable table={block.table} />
    case 'drawing':
      return <DrawingFigure drawing={block.drawing} caption={block.caption} />
    case 'answer':
      return <AnsweredBlock answer={block.answer} />
    case 'photograph':
      return <PhotographFigure photograph={block.photograph} caption={block.caption} />
  }
}
