import { formulaPieces } from '@hop-lark/core/substance'
import { Fragment } from 'react'

/** A formula with true subscripts and charges. */
export function Formula({ text }: { readonly text: string }) {
  return (
    <span className="whitespace-nowrap">
      {formulaPieces(text).map((piece, index) => {
        const key = `${index}${piece.text}`
        if (piece.place === 'sub') return <sub key={key}>{piece.text}</sub>
        if (piece.place === 'sup') return <sup key={key}>{piece.text}</sup>
        return <Fragment key={key}>{piece.text}</Fragment>
      })}
    </span>
  )
}

const TERM = /^(\d*)\s*(.*?)(\((?:s|l|g|aq)\))?$/

/** An equation, set term by term so that it breaks only between terms. */
export function EquationText({ text }: { readonly text: string }) {
  const sides = text.split(/\s*(?:->|→|=|⇌)\s*/)
  return (
    <span>
      {sides.map((side, index) => (
        <Fragment key={`${index}${side}`}>
          {index > 0 && ' → '}
          {side.split(/\s+\+\s+/).map((term, place) => {
            const [, count = '', formula = term, state = ''] = TERM.exec(term) ?? []
            return (
              <Fragment key={`${place}${term}`}>
                {place > 0 && ' + '}
                <span className="whitespace-nowrap">
                  {count && <>{count}&thinsp;</>}
                  <Formula text={formula} />
                  {state}
                </span>
              </Fragment>
            )
          })}
        </Fragment>
      ))}
    </span>
  )
}

const SPECIES = /\b([ncmMρ%a]|s)\(([A-Z][^()\s]*(?:\([^()]*\)\d*[^()\s]*)*)\)/g

/** A concentration in square brackets, perhaps to a power: [OH-]^2. */
const CONCENTRATION = /\[([A-Z][^\]\s]*)\](?:\^(\d))?/g

/** Concentrations in square brackets with true formulae; the rest as it is. */
function Bracketed({ text }: { readonly text: string }) {
  const pieces: React.ReactNode[] = []
  let from = 0
  for (const found of text.matchAll(CONCENTRATION)) {
    pieces.push(
      <Subscripted key={`before ${found.index}`} text={text.slice(from, found.index)} />,
      <Fragment key={found.index}>
        [<Formula text={found[1] ?? ''} />]{found[2] && <sup>{found[2]}</sup>}
      </Fragment>,
    )
    from = found.index + found[0].length
  }
  return [...pieces, <Subscripted key="last" text={text.slice(from)} />]
}

/** A line of algebra: quantities of a species keep their letter and get a true formula, a1M1V1 its subscripts. */
export function Algebra({ text }: { readonly text: string }) {
  const pieces: React.ReactNode[] = []
  let from = 0
  for (const found of text.matchAll(SPECIES)) {
    pieces.push(text.slice(from, found.index), `${found[1]}(`, <Formula key={found.index} text={found[2] ?? ''} />, ')')
    from = found.index + found[0].length
  }
  pieces.push(text.slice(from))
  return (
    <span>
      {pieces.map((piece, index) => (
        <Fragment key={index}>{typeof piece === 'string' ? <Bracketed text={piece} /> : piece}</Fragment>
      ))}
    </span>
  )
}

/** a1M1V1 = a2M2V2 and CaVa/(CbVb) = na/nb. */
function Subscripted({ text }: { readonly text: string }) {
  return text
    .split(/(?<=[aMV])([12])(?=[MV\s]|$)|(?<=[CVn])([ab])(?=[V/)\s]|$)/)
    .filter((part) => part !== undefined)
    .map((part, index) => (index % 2 === 1 ? <sub key={`${index}${part}`}>{part}</sub> : part))
}
