import { useEffect } from 'react'

/** While the report is printed the document is called as its task: so is the PDF that is made of it. */
export function usePrintTitle(title: string): void {
  useEffect(() => {
    let before = document.title
    const name = () => {
      before = document.title
      document.title = title || 'Untitled task'
    }
    const rename = () => {
      document.title = before
    }
    window.addEventListener('beforeprint', name)
    window.addEventListener('afterprint', rename)
    return () => {
      window.removeEventListener('beforeprint', name)
      window.removeEventListener('afterprint', rename)
    }
  }, [title])
}
