import { plainText, setText } from '@hop-lark/core/typeset'
import { type Cell, type Table, tableHtml, tableTsv } from '@hop-lark/core/writeup'
import { SetLine } from '../ui/Chem.tsx'
import { CopyButton } from '../ui/CopyButton.tsx'
import { useGoTo } from './useGoTo.ts'

/** A table of the report. A reading leads to where it is kept: it is changed there, not here. */
export function ReportTable({ table }: { readonly table: Table }) {
  const { caption, head, rows, rowsAreNamed, notes } = table
  const numbers = head.map((_, column) => rows.some(({ cells }) => cells[column]?.number))
  return (
    <div className="my-3 overflow-x-auto print:overflow-visible">
      <table className="border-collapse text-[0.97rem]">
        {caption !== '' && (
          <caption className="pb-1 text-left font-semibold">
            <SetLine line={setText(caption)} />
          </caption>
        )}
        <thead>
          <tr className="border-b border-ink">
            {head.map((one, column) => (
              <th
                key={column}
                scope="col"
                className={`px-3 py-1.5 align-bottom first:pl-0 ${numbers[column] ? 'text-right' : 'text-left'}`}
              >
                <SetLine line={one} />
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ cells }, row) => (
            <tr key={row} className="border-b border-rule">
              {cells.map((cell, column) =>
                rowsAreNamed && column === 0 && cell.line.length > 0 ? (
                  <th
                    key={column}
                    scope="row"
                    className={`px-3 py-1.5 text-left align-top font-normal first:pl-0 ${isShort(cell) ? 'whitespace-nowrap' : ''}`}
                  >
                    <CellText cell={cell} />
                  </th>
                ) : (
                  <td
                    key={column}
                    className={`px-3 py-1.5 align-top ${cell.number ? `text-right ${isNumber(cell) ? 'num' : ''}` : ''}`}
                  >
                    <CellText cell={cell} />
                  </td>
                ),
              )}
            </tr>
          ))}
        </tbody>
      </table>
      <CopyButton
        says={`Copy the table${caption === '' ? '' : ` ${caption}`}`}
        text={() => tableTsv(table)}
        html={() => tableHtml(table)}
      />
      {notes.map((note) => (
        <p key={note} className="mt-1 text-sm text-ink-soft">
          <SetLine line={setText(note)} />
        </p>
      ))}
    </div>
  )
}

/** A name of a row that needs no second line. */
const isShort = ({ line }: Cell) => plainText(line).length < 28

/** A word in a column of numbers is set as a word. */
const isNumber = ({ line }: Cell) => /^[−\d]/.test(line[0]?.text ?? '')

function CellText({ cell: { line, struck = [], at } }: { readonly cell: Cell }) {
  const go = useGoTo()
  const text = <SetLine line={line} />
  return (
    <>
      {struck.map(({ text: gone, why }, index) => (
        <s key={`${index}${gone}`} title={why} className="mr-2 text-ink-soft decoration-litmus">
          {gone}
        </s>
      ))}
      {at && line.length > 0 ? (
        <button
          type="button"
          title="Go to where it is kept"
          className="rounded [text-align:inherit] hover:text-hop hover:underline"
          onClick={() => go(at)}
        >
          {text}
        </button>
      ) : (
        text
      )}
    </>
  )
}
