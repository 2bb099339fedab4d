import { formulaPieces } from '@hop-lark/core/substance'
import { equationSides, type Line, setAlgebra } from '@hop-lark/core/typeset'
import { Fragment } from 'react'

/** A set line with its raised and lowered pieces. */
export function SetLine({ line }: { readonly line: Line }) {
  return line.map(({ text, place }, index) => {
    const key = `${index}${text}`
    if (place === 'sub') return <sub key={key}>{text}</sub>
    if (place === 'sup') return <sup key={key}>{text}</sup>
    return <Fragment key={key}>{text}</Fragment>
  })
}

/** A formula with true subscripts and charges. */
export function Formula({ text }: { readonly text: string }) {
  return (
    <span className="whitespace-nowrap">
      <SetLine line={formulaPieces(text)} />
    </span>
  )
}

/** An equation, set term by term so that it breaks only between terms. */
export function EquationText({ text }: { readonly text: string }) {
  return (
    <span>
      {equationSides(text).map((terms, index) => (
        <Fragment key={`${index}${terms[0]?.formula}`}>
          {index > 0 && ' → '}
          {terms.map(({ count, formula, state }, place) => (
            <Fragment key={`${place}${formula}`}>
              {place > 0 && ' + '}
              <span className="whitespace-nowrap">
                {count && <>{count}&thinsp;</>}
                <Formula text={formula} />
                {state}
              </span>
            </Fragment>
          ))}
        </Fragment>
      ))}
    </span>
  )
}

/** A line of algebra: quantities of a species keep their letter and get a true formula, a1M1V1 its subscripts. */
export function Algebra({ text }: { readonly text: string }) {
  return (
    <span>
      <SetLine line={setAlgebra(text)} />
    </span>
  )
}
