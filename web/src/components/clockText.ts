/** Seconds as «m:ss» or «h:mm:ss», as they are drawn. */
export function clockText(seconds: number): string {
  const whole = Math.max(0, Math.round(seconds))
  const rest = String(whole % 60).padStart(2, '0')
  const minutes = Math.floor(whole / 60)
  if (minutes < 60) return `${minutes}:${rest}`
  return `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}:${rest}`
}

/** An instant as a day and an hour where the reader is. */
export function dayText(instant: string | null): string {
  if (!instant) return ''
  return new Date(instant).toLocaleString('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  })
}

/** A day as its month: «Sep 2025». */
export function monthText(day: string): string {
  return new Date(`${day}T12:00`).toLocaleDateString('en-GB', { month: 'short', year: 'numeric' })
}

/** «1 person», «3 people». */
export function peopleText(count: number): string {
  return count === 1 ? '1 person' : `${count} people`
}

/** «1 round», «3 rounds». */
export function plural(count: number, noun: string): string {
  return `${count} ${noun}${count === 1 ? '' : 's'}`
}
