import { useEffect } from 'react'

/** The document is called as its task while the report is open: so is the PDF that is printed of it. */
export function usePrintTitle(title: string): void {
  useEffect(() => {
    const before = document.title
    document.title = title || 'Untitled task'
    return () => {
      document.title = before
    }
  }, [title])
}
