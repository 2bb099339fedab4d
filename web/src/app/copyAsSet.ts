import { plainText } from '@hop-lark/core/typeset'

/** What is selected, with raised and lowered pieces as characters of their own: MnO₄⁻, 10⁻⁴. */
function textOf(node: Node): string {
  if (node instanceof HTMLElement && (node.tagName === 'SUB' || node.tagName === 'SUP'))
    return plainText([{ text: node.textContent ?? '', place: node.tagName === 'SUB' ? 'sub' : 'sup' }])
  if (node.nodeType === Node.TEXT_NODE) return node.textContent ?? ''
  const inside = [...node.childNodes].map(textOf).join('')
  const isBlock = node instanceof HTMLElement && /^(P|DIV|LI|TR|H[1-6]|SECTION|FIGURE)$/.test(node.tagName)
  return isBlock ? `${inside}\n` : node instanceof HTMLElement && /^T[DH]$/.test(node.tagName) ? `${inside}\t` : inside
}

/** Formulae and powers that are copied from a page stay what they are in plain text, too. */
export function copyAsSet(event: ClipboardEvent): void {
  const selection = document.getSelection()
  const isTyped = event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement
  if (isTyped || !selection || selection.rangeCount === 0 || !event.clipboardData) return
  const selected = selection.getRangeAt(0).cloneContents()
  if (!selected.querySelector('sub, sup')) return
  const holder = document.createElement('div')
  holder.append(selected)
  event.clipboardData.setData(
    'text/plain',
    textOf(holder)
      .replace(/[\t ]*\n/g, '\n')
      .trim(),
  )
  event.clipboardData.setData('text/html', holder.innerHTML)
  event.preventDefault()
}
