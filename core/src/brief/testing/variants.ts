import type { Sheet } from './score.ts'

/** A sheet as another page would print it; what is expected of it is said in the same way. */
export interface Variant {
  readonly name: string
  readonly of: (sheet: Sheet) => Sheet
}

const isTable = (line: string) => /[|\t]/.test(line)

function wrapLine(line: string, width: number): string {
  const lines: string[] = []
  let now = ''
  for (const word of line.split(' ')) {
    if (now !== '' && now.length + 1 + word.length > width) {
      lines.push(now)
      now = word
    } else now = now === '' ? word : `${now} ${word}`
  }
  return [...lines, now].join('\n')
}

const wrapped =
  (width: number) =>
  (sheet: Sheet): Sheet => ({
    ...sheet,
    text: sheet.text
      .split('\n')
      .map((line) => (isTable(line) ? line : wrapLine(line, width)))
      .join('\n'),
  })

/** mL and L for cm³ and dm³; a sheet that has them already is as it was. */
function inMillilitres(sheet: Sheet): Sheet {
  const text = sheet.text
    .replace(/mol\s*dm[-–−⁻]3|mol\s*dm⁻³|mol\/dm3|mol\/dm³/g, 'mol/L')
    .replace(/g\s*dm[-–−⁻]3|g\s*dm⁻³|g\/dm3|g\/dm³/g, 'g/L')
    .replace(/cm3|cm³/g, 'mL')
    .replace(/dm3|dm³/g, 'L')
  return { ...sheet, text }
}

/** Every newline a blank; a table cannot be printed so. */
const inOneParagraph = (sheet: Sheet): Sheet => ({ ...sheet, text: sheet.text.replace(/\s*\n+\s*/g, ' ') })

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')

/** Labels of another school: `FA 1`, `FA 2` … for whatever stood there. Labels that are words or numbers stay. */
function otherLabels(sheet: Sheet): Sheet {
  const labels = sheet.expect.materials.map(({ label }) => label).filter((label) => /^[A-Z]{1,2} ?\d{1,2}$/.test(label))
  const renamed = new Map(labels.map((label, index) => [label, `XB ${index + 1}`]))
  const rename = (text: string) =>
    [...renamed].reduce(
      (all, [from, to]) => all.replace(new RegExp(`(?<![A-Za-z0-9])${escaped(from)}(?![A-Za-z0-9])`, 'g'), to),
      text,
    )
  return { ...sheet, text: rename(sheet.text), expect: JSON.parse(rename(JSON.stringify(sheet.expect))) }
}

export const VARIANTS: readonly Variant[] = [
  { name: 'wrapped at 45', of: wrapped(45) },
  { name: 'wrapped at 72', of: wrapped(72) },
  { name: 'in mL and mol/L', of: inMillilitres },
  { name: 'other labels', of: otherLabels },
  { name: 'in one paragraph', of: inOneParagraph },
]
