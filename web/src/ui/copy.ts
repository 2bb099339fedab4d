/** What goes to the clipboard: as text, and as HTML for programs that take it. */
interface Copied {
  readonly text: string
  readonly html?: string
}

/** Puts something on the clipboard. By the old way, since browsers have the new one only over https. */
export function copy({ text, html }: Copied): boolean {
  const give = (event: ClipboardEvent) => {
    event.preventDefault()
    event.stopImmediatePropagation()
    event.clipboardData?.setData('text/plain', text)
    if (html !== undefined) event.clipboardData?.setData('text/html', html)
  }
  document.addEventListener('copy', give, { capture: true, once: true })
  try {
    return document.execCommand('copy')
  } finally {
    document.removeEventListener('copy', give, { capture: true })
  }
}
