import { useEffect, useState } from 'react'
import { pictureOf } from './pictures.ts'

/** The address of a picture for an `img`; nothing while it is fetched, and where it cannot be had. */
export function usePicture(task: string, sha256: string): string | undefined {
  const [address, setAddress] = useState<string>()
  useEffect(() => {
    let made: string | undefined
    let still = true
    pictureOf(task, sha256).then(
      (blob) => {
        if (!still) return
        made = URL.createObjectURL(blob)
        setAddress(made)
      },
      () => setAddress(undefined),
    )
    return () => {
      still = false
      if (made) URL.revokeObjectURL(made)
    }
  }, [task, sha256])
  return address
}
