import { toast } from 'sonner'

/** A page that is open for days asks now and then whether there is a new build. */
const MILLISECONDS_BETWEEN_LOOKS = 60 * 60 * 1000

/** Offers a build that waits; nothing is loaded anew until the student says so, and then in this window only. */
function offer(waiting: ServiceWorker): void {
  toast('A newer Hop Lark is ready. What is typed stays.', {
    id: 'newer',
    duration: Number.POSITIVE_INFINITY,
    action: {
      label: 'Load it',
      onClick: () => {
        navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), { once: true })
        waiting.postMessage('take over')
      },
    },
  })
}

/**
 * Keeps the app itself on the device, so that it opens without the server; and offers a newer one when there is. Browsers
 * allow it on https and on this very machine only: elsewhere the app works as long as its window is open.
 */
export async function keepOffline(): Promise<void> {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return
  try {
    const registration = await navigator.serviceWorker.register('/sw.js', { updateViaCache: 'none' })
    const offerIfWaiting = () => {
      // The first one has nobody to wait for.
      if (registration.waiting && navigator.serviceWorker.controller) offer(registration.waiting)
    }
    offerIfWaiting()
    registration.addEventListener('updatefound', () => {
      registration.installing?.addEventListener('statechange', offerIfWaiting)
    })
    setInterval(() => void registration.update().catch(() => undefined), MILLISECONDS_BETWEEN_LOOKS)
  } catch {
    // Refused by the browser, or the server is away just now: the app works without.
  }
}
