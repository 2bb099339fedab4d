import { Exact } from '../../number/index.ts'
import type { Step } from '../index.ts'
import { READ_OFF } from '../working.ts'

const FUNCTIONS: Readonly<Record<string, (of: Exact) => Exact>> = {
  ln: (of) => of.ln(),
  log: (of) => of.log(10),
  exp: (of) => of.exp(),
  '10^': (of) => new Exact(10).pow(of),
  '√': (of) => of.sqrt(),
}

/** Works out what is printed: numbers, + − × /, functions, brackets; units and species between them are passed over. */
class Reader {
  private readonly tokens: readonly string[]
  private at = 0

  constructor(text: string) {
    this.tokens = text.match(/ln|log|exp|10\^|√|smaller|and|\(|\)|[+−×/]|-?\d+(?:\.\d+)?(?:e-?\d+)?/g) ?? []
  }

  read(): Exact {
    const value = this.sum()
    if (this.at < this.tokens.length) throw new Error(`'${this.tokens[this.at]}' was left over`)
    return value
  }

  private sum(): Exact {
    let value = this.product()
    for (let sign = this.tokens[this.at]; sign === '+' || sign === '−'; sign = this.tokens[this.at]) {
      this.at++
      value = sign === '+' ? value.add(this.product()) : value.sub(this.product())
    }
    return value
  }

  private product(): Exact {
    let value = this.number()
    for (let sign = this.tokens[this.at]; sign === '×' || sign === '/'; sign = this.tokens[this.at]) {
      this.at++
      value = sign === '×' ? value.mul(this.number()) : value.div(this.number())
    }
    return value
  }

  private number(): Exact {
    const token = this.tokens[this.at++] ?? ''
    if (token === '−') return this.number().neg()
    const work = FUNCTIONS[token]
    if (work) return work(this.number())
    if (token === 'smaller') {
      const one = this.sum()
      this.at++
      return Exact.min(one, this.sum())
    }
    if (token !== '(') return new Exact(token)
    const value = this.sum()
    this.at++
    return value
  }
}

/** Takes units and species out of a chain: `(0.100 mol / 1 dm³) × 13.68 cm³` is `(0.100 / 1) × 13.68`. */
const numbersOf = ({ chain, substituted }: Step) =>
  chain ? chain.map(({ top, bottom }) => (bottom ? `(${top.text} / ${bottom.text})` : top.text)).join(' × ') : substituted

/** Whether a line is read off a drawing, which a reader cannot work out from what stands in it. */
export const isReadOff = ({ substituted }: Step): boolean => substituted.startsWith(READ_OFF)

/** What a reader who works a printed line out again finds, rounded as the line's value is; and that value. */
export function readAgain(step: Step): { readonly found: string; readonly printed: string } {
  const [digits = '', exponent = '0'] = step.value.replace('+', '').split('e')
  // The noughts at the end of a whole number may only hold its place.
  const noughts = digits.includes('.') ? 0 : (/[1-9](0+)$/.exec(digits)?.[1]?.length ?? 0)
  const lastPlace = new Exact(10).pow(Number(exponent) + noughts - (digits.split('.')[1]?.length ?? 0))
  const worked = new Reader(numbersOf(step)).read()
  // What thirty digits of division leave over is not the reader's.
  const rounded = worked.div(lastPlace).toSignificantDigits(20).toDecimalPlaces(0, Exact.ROUND_HALF_UP).mul(lastPlace)
  return { found: rounded.toFixed(), printed: new Exact(step.value).toFixed() }
}
