// A timer on a thread of its own: what keeps the page busy does not keep it from ticking, and browsers do not slow it down in
// a tab that nobody looks at.
const EVERY_MS = 100
setInterval(() => postMessage(null), EVERY_MS)
