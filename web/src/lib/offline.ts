import { api, ask } from './api/client'
import { fetchClasses, fetchWorkouts } from './api/queries'

// So that the application opens without a network: its pages by a service worker
// where the browser has one (an https address, or this machine itself), and what the
// server says of the coming classes.

const FIRST_SCREEN_MS = 10_000
const CLASSES = 2
/** Told to the window by whoever does not want to wait so long. */
const AT_ONCE = 'sparrow:prepare'

/**
 * After the first screen has had its time. Says on the document when every page is here.
 * @param loadPages fetches every page; for a browser without a service worker
 */
export function prepareForOffline(loadPages: () => Promise<unknown>) {
  const begin = () => {
    window.clearTimeout(later)
    window.removeEventListener(AT_ONCE, begin)
    void prepare(loadPages)
  }
  const later = window.setTimeout(begin, FIRST_SCREEN_MS)
  window.addEventListener(AT_ONCE, begin)
}

async function prepare(loadPages: () => Promise<unknown>) {
  try {
    const worker = navigator.serviceWorker
    if (worker) {
      await worker.register('/sw.js')
      await worker.ready
    } else await loadPages()
  } catch {
    await loadPages()
  }
  document.documentElement.dataset.fetchedAhead = ''
  await lookAhead().catch(() => undefined)
}

/** Asks for what a class without a network needs; each answer is kept as it comes. What somebody's role does not include is left out. */
async function lookAhead() {
  const perhaps = (answer: Promise<unknown>) => answer.catch(() => undefined)
  await perhaps(ask(api.GET('/api/movements')))
  await perhaps(ask(api.GET('/api/formats')))
  await perhaps(fetchWorkouts())
  const { classes } = await fetchClasses(1)
  const now = new Date().toISOString()
  const coming = classes
    .flatMap(({ id, starts_at }) => (starts_at && starts_at > now ? { id, starts_at } : []))
    .sort((one, other) => one.starts_at.localeCompare(other.starts_at))
  for (const { id } of coming.slice(0, CLASSES)) {
    await perhaps(ask(api.GET('/api/classes/{id}', { params: { path: { id } } })))
    await perhaps(ask(api.GET('/api/classes/{id}/fit', { params: { path: { id } } })))
  }
}
