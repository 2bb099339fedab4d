import { useEffect, useState } from 'react'
import { api } from '../notebook/api.ts'
import { otherAddresses } from './otherAddresses.ts'

/** Says where work may wait that this page cannot see: under another address of the same server. */
export function OtherAddresses() {
  const [addresses, setAddresses] = useState<readonly string[]>([])
  useEffect(() => {
    // A server that is away says so elsewhere.
    api.health().then(
      ({ names }) => setAddresses(otherAddresses(names, window.location.href)),
      () => setAddresses([]),
    )
  }, [])
  if (addresses.length === 0) return null
  return (
    <p className="mt-8 text-sm text-ink-soft">
      This server is also opened as{' '}
      {addresses.map((address, index) => (
        <span key={address}>
          {index > 0 && ', '}
          <a href={address} className="underline underline-offset-2">
            {address.replace(/^https?:\/\//, '')}
          </a>
        </span>
      ))}
      . What was entered there while it was away waits in that browser, and is sent when it is opened under that address.
    </p>
  )
}
