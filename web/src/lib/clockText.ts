/** Seconds as “m:ss” or “h:mm:ss”, as they are drawn. */
export function clockText(seconds: number): string {
  const whole = Math.max(0, Math.round(seconds))
  const rest = String(whole % 60).padStart(2, '0')
  const minutes = Math.floor(whole / 60)
  if (minutes < 60) return `${minutes}:${rest}`
  return `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}:${rest}`
}

// How the studio writes days, and by which clock on the wall; until somebody is
// signed in, where the reader is.
let locale = 'en-GB'
let timeZone: string | undefined

export function writeDates(studioLocale: string, studioZone: string) {
  locale = studioLocale
  timeZone = studioZone
}

/** An instant as a day and an hour where the studio is. */
export function dayText(instant: string | null): string {
  if (!instant) return ''
  return new Date(instant).toLocaleString(locale, {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
    timeZone,
  })
}

/** An instant as a whole date, with its year. */
export function dateText(instant: string | null): string {
  if (!instant) return ''
  return new Date(instant).toLocaleDateString(locale, { day: 'numeric', month: 'long', year: 'numeric', timeZone })
}

/** Today, as a headline. */
export function todayHeadline(): string {
  return new Date().toLocaleDateString(locale, { weekday: 'long', day: 'numeric', month: 'long', timeZone })
}

/** A day without its year: “7 December”. */
export function dayAndMonth(day: string): string {
  return new Date(`${day}T12:00`).toLocaleDateString(locale, { day: 'numeric', month: 'long' })
}

/** A day as its month: “Sep 2025”. */
export function monthText(day: string): string {
  return new Date(`${day}T12:00`).toLocaleDateString(locale, { month: 'short', year: 'numeric' })
}

/** What the clock on the studio's wall shows at an instant: “2026-11-24” and “18:30”. */
export function onTheWall(at: Date): { day: string; hour: string } {
  const parts = Object.fromEntries(
    new Intl.DateTimeFormat('en-GB', {
      timeZone,
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
      hour: '2-digit',
      minute: '2-digit',
      hourCycle: 'h23',
    })
      .formatToParts(at)
      .map((part) => [part.type, part.value]),
  )
  return { day: `${parts.year}-${parts.month}-${parts.day}`, hour: `${parts.hour}:${parts.minute}` }
}

/** The instant at which the studio's clock shows this; nothing where there is no such day or hour. */
export function instantOf(day: string, hour: string): Date | null {
  const asUtc = new Date(`${day}T${hour || '00:00'}Z`)
  if (Number.isNaN(asUtc.getTime())) return null
  // Twice, since the difference to UTC may change in between.
  let at = asUtc
  for (let turn = 0; turn < 2; turn++) {
    const shown = onTheWall(at)
    at = new Date(at.getTime() + asUtc.getTime() - new Date(`${shown.day}T${shown.hour}Z`).getTime())
  }
  return at
}
