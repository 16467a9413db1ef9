/// <reference types="vite/client" />

declare module '@fontsource-variable/besley'
declare module '@fontsource-variable/libre-franklin'

interface Window {
  /** Where time is read from instead of the system's clock: set before the page's own scripts run. */
  sparrowTimeSource?: { now: () => number }
}

declare module '@primevue/core/base' {
  const Base: { clearLoadedStyleNames: () => void }
  export default Base
}
