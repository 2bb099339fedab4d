import { chemistsNumber, unitSymbol } from '@hop-lark/core/number'

interface NumProps {
  /** Machine text such as `2.29e-4`. */
  readonly text: string
  readonly unit?: string | undefined
  readonly className?: string
}

/** A number as chemists write it, 2.29 × 10⁻⁴, that never breaks from its unit. */
export function Num({ text, unit, className = '' }: NumProps) {
  const { digits, exponent } = chemistsNumber(text)
  const symbol = unit === undefined ? '' : unitSymbol(unit)
  return (
    <span className={`num ${className}`}>
      {digits.replace('-', '−')}
      {exponent !== undefined && (
        <>
          &thinsp;×&thinsp;10<sup>{String(exponent).replace('-', '−')}</sup>
        </>
      )}
      {symbol && <>&nbsp;{symbol}</>}
    </span>
  )
}

/** Sets the numbers with exponents and the signs of a substituted line: `5 × 2.288e-4`. */
export function Substituted({ text }: { readonly text: string }) {
  const parts = text.replaceAll(' / ', ' ÷ ').split(/(\d(?:\.\d+)?e-?\d+)/)
  return (
    <>
      {parts.map((part, index) =>
        index % 2 === 1 ? <Num key={`${index}${part}`} text={part} className="font-sans" /> : part.replace(/-(?=\d)/g, '−'),
      )}
    </>
  )
}
