/// <reference lib="webworker" />
import { clientsClaim } from 'workbox-core'
import { cleanupOutdatedCaches, precacheAndRoute, type PrecacheEntry } from 'workbox-precaching'
import { NavigationRoute, registerRoute } from 'workbox-routing'

// The application's own files, so that it opens without a network. What the server
// answers is not its business: that is kept for who is signed in (lib/api/seen.ts).

declare const self: ServiceWorkerGlobalScope & { __WB_MANIFEST: (string | PrecacheEntry)[] }

const PAGE = 'page'

void self.skipWaiting()
clientsClaim()
cleanupOutdatedCaches()
precacheAndRoute(self.__WB_MANIFEST)

// The page that belongs to these files. It carries the policy and the nonce it was answered with.
self.addEventListener('install', (event) => {
  event.waitUntil(caches.open(PAGE).then((cache) => cache.add('/')))
})
registerRoute(
  new NavigationRoute(
    async ({ request }) => {
      try {
        return await fetch(request)
      } catch {
        return (await caches.match('/', { cacheName: PAGE })) ?? Response.error()
      }
    },
    { denylist: [/^\/api\//, /^\/health/, /^\/metrics/] },
  ),
)
