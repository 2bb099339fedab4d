import { cleanupOutdatedCaches, createHandlerBoundToURL, type PrecacheEntry, precacheAndRoute } from 'workbox-precaching'
import { NavigationRoute, registerRoute } from 'workbox-routing'

/** Every file of this build, put in when it is built (offlinePlugin.ts). */
declare const __PRECACHE__: PrecacheEntry[]
declare const self: ServiceWorkerGlobalScope

// All of a build or nothing of it: pages never get files of two builds.
precacheAndRoute(__PRECACHE__)
cleanupOutdatedCaches()
// What is asked of the server is answered by the server; every other address is a page of the app.
registerRoute(new NavigationRoute(createHandlerBoundToURL('/index.html'), { denylist: [/^\/api\//] }))

self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()))
// A new build waits until somebody says that it may take over.
self.addEventListener('message', ({ data }) => {
  if (data === 'take over') void self.skipWaiting()
})
