// Writes docs/words.md: every label and sentence of the pages, and what core says of a record, to be read from top to bottom;
// with `--check` says whether it is what the pages say.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { parseSync } from 'oxc-parser'

const root = fileURLToPath(new URL('..', import.meta.url))
/** Attributes and fields whose text is read or heard. */
const SPOKEN = new Set(
  'says title label aria-label aria-description placeholder hint heading caution instead mend or because alt called name summary'.split(
    ' ',
  ),
)
/** Functions whose first text is shown: short messages, and what a change is called when it is undone. */
const SPEAKERS = new Set(['toast', 'edit', 'change'])

/** A text with what is put in marked by dots; undefined for what is no text. */
function textOf(node) {
  if (node?.type === 'Literal' && typeof node.value === 'string') return node.value
  if (node?.type !== 'TemplateLiteral') return undefined
  return node.quasis.map(({ value }) => value.cooked).join('…')
}

/** The texts that a value may be: itself, either side of a choice, what a function gives. */
function textsIn(node) {
  const text = textOf(node)
  if (text !== undefined) return [text]
  switch (node?.type) {
    case 'ConditionalExpression':
      return [...textsIn(node.consequent), ...textsIn(node.alternate)]
    case 'LogicalExpression':
      return [...textsIn(node.left), ...textsIn(node.right)]
    case 'ArrowFunctionExpression':
      return textsIn(node.body)
    case 'JSXExpressionContainer':
    case 'TSAsExpression':
    case 'TSSatisfiesExpression':
    case 'ParenthesizedExpression':
      return textsIn(node.expression)
    case 'CallExpression':
      return node.arguments.flatMap(textsIn)
    default:
      return []
  }
}

const nameOf = (key) => key?.name?.name ?? key?.name ?? key?.value

function spokenBy(node, parent) {
  if (node.type === 'JSXText') return [node.value]
  if (node.type === 'JSXExpressionContainer') return /^JSX(Element|Fragment)$/.test(parent?.type) ? textsIn(node.expression) : []
  if (node.type === 'JSXAttribute') return SPOKEN.has(nameOf(node.name)) ? textsIn(node.value) : []
  if (node.type === 'Property') return SPOKEN.has(nameOf(node.key)) ? textsIn(node.value) : []
  if (node.type === 'CallExpression' && SPEAKERS.has(node.callee.name)) return textsIn(node.arguments[0])
  return []
}

/** Every text of a file that is shown or said, once each, in its order. */
function wordsOf(file) {
  const { program } = parseSync(file, readFileSync(`${root}${file}`, 'utf8'))
  const found = new Set()
  const walk = (node, parent) => {
    if (Array.isArray(node)) for (const one of node) walk(one, parent)
    else if (node && typeof node.type === 'string') {
      // Classes, keys and the like are no words.
      if (node.type === 'JSXAttribute' && !SPOKEN.has(nameOf(node.name)) && node.value?.type !== 'JSXExpressionContainer') return
      if (node.type === 'JSXAttribute' && /^(class|data|d$|style|key|fill|stroke|viewBox|transform)/i.test(nameOf(node.name)))
        return
      for (const text of spokenBy(node, parent)) {
        const plain = text.replace(/\s+/g, ' ').trim()
        if (/\p{L}{2}/u.test(plain)) found.add(plain)
      }
      for (const [name, child] of Object.entries(node)) if (name !== 'type') walk(child, node)
    }
  }
  walk(program.body)
  return [...found]
}

const files = (folder, wanted) =>
  readdirSync(`${root}${folder}`, { recursive: true })
    .map((name) => `${folder}/${name}`)
    .filter((name) => wanted.test(name) && !/\.test\.|\/testing\//.test(name))
    .toSorted()

const sections = [...files('web/src', /\.tsx?$/), ...files('core/src', /\/(says|wording|cautions|readiness)\.ts$/)].flatMap(
  (file) => {
    const words = wordsOf(file)
    return words.length === 0
      ? []
      : [`## ${file}\n\n${words.map((text) => `- ${text.replace(/([<>*_`|])/g, '\\$1')}`).join('\n')}\n`]
  },
)

const document = `# Words\n\nEvery label and sentence of the interface, by the file that says it; … stands for what is put in. Written by \`npm run words\`.\n\n${sections.join('\n')}`
const path = `${root}docs/words.md`

if (!process.argv.includes('--check')) writeFileSync(path, document)
else if (readFileSync(path, 'utf8') !== document) {
  console.error('docs/words.md is not what the interface says: run `npm run words`, and read what changed.')
  process.exit(1)
}
