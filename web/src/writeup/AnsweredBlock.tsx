import { plainText, setText } from '@hop-lark/core/typeset'
import { type Answered, goesOnFrom } from '@hop-lark/core/writeup'
import { SetLine } from '../ui/Chem.tsx'
import { CopyButton } from '../ui/CopyButton.tsx'
import { useGoTo } from './useGoTo.ts'

/** A question of the sheet with its working and its answer. */
export function AnsweredBlock({ answer }: { readonly answer: Answered }) {
  const { number, title, lines, from, result, words, missing, notes, at } = answer
  const go = useGoTo()
  const skipped = from?.lines ?? 0
  return (
    <section aria-label={`${number} ${title}`.trim()} className="mt-3 mb-5">
      <h4 className="font-semibold">
        <SetLine line={setText(`${number} ${title}`.trim())} />
      </h4>
      {from && <p className="text-ink-soft">{goesOnFrom(from)}</p>}
      {lines.length > skipped && (
        <ol start={skipped + 1} className="list-decimal pl-6">
          {lines.slice(skipped).map((line, index) => (
            <li key={index} className="py-0.5">
              <span className="block">
                <SetLine line={setText(line.says)} />
              </span>
              {line.equations.map((equation, place) => (
                <span key={place} className="block">
                  <SetLine line={equation} />
                </span>
              ))}
              <span className="block">
                <SetLine line={line.formula} /> = <SetLine line={line.substituted} /> ={' '}
                <strong className="num">
                  <SetLine line={line.value} />
                </strong>
              </span>
            </li>
          ))}
        </ol>
      )}
      {words !== undefined && <p className="whitespace-pre-wrap">{words}</p>}
      {words === undefined && result && (
        <p className="mt-1 border-t border-ink pt-1 text-right text-lg font-semibold">
          <CopyButton says="Copy the answer with its unit" text={() => plainText(result)} />
          <span className="num">
            <SetLine line={result} />
          </span>
        </p>
      )}
      {missing !== undefined && (
        <p className="text-ink-soft italic">
          Still missing: {missing}.{' '}
          <button type="button" className="in-text underline not-italic print:hidden" onClick={() => go(at)}>
            Go there
          </button>
        </p>
      )}
      {notes.map((note) => (
        <p key={note} className="text-sm text-ink-soft">
          <SetLine line={setText(note)} />
        </p>
      ))}
    </section>
  )
}
