import { useEffect } from 'react'

/** Names the document, so that a tab and a screen reader tell where one is: the page before what it is of. */
export function useDocumentTitle(...names: readonly string[]): void {
  const title = [...names.filter(Boolean), 'Hop Lark'].join(' · ')
  useEffect(() => {
    document.title = title
  }, [title])
}
