/** A number as typed: text that is no number goes to the server as it is and comes back as a message at its field. */
export type Typed = number | string | undefined

/** How a value stands in a field, and what is read from what is typed there. */
export interface Reading {
  show: (value: unknown) => string
  read: (text: string) => unknown
}

const asText = (value: unknown) => (value === undefined || value === null ? '' : String(value))

/** One number; 1:30 is 90. */
export const ONE_NUMBER: Reading = {
  show: asText,
  read(text) {
    const plain = text.trim()
    if (plain === '') return undefined
    const clock = plain.match(/^(\d{1,2}):([0-5]\d)$/)
    if (clock) return Number(clock[1]) * 60 + Number(clock[2])
    return /^-?\d+(\.\d+)?$/.test(plain) ? Number(plain) : plain
  },
}

/** One number, one for each round (60, 50, 40), or a range (20–40). */
export const BY_ROUND: Reading = {
  show(value) {
    if (Array.isArray(value)) return value.map(asText).join(', ')
    const band = value as { min: unknown; max: unknown }
    return value && typeof value === 'object' ? `${asText(band.min)}–${asText(band.max)}` : asText(value)
  },
  read(text) {
    const band = text.trim().match(/^(\d+)\s*(?:-|–|to)\s*(\d+)$/i)
    if (band) return { min: Number(band[1]), max: Number(band[2]) }
    const parts = text.split(/[\s,;]+/).filter(Boolean)
    return parts.length > 1 ? parts.map((part) => ONE_NUMBER.read(part)) : ONE_NUMBER.read(text)
  },
}

/** The same, or a rest as so many times one's own work (2×). */
export const REST: Reading = {
  show(value) {
    const ratio = (value as { ratio?: unknown } | undefined)?.ratio
    return ratio === undefined ? BY_ROUND.show(value) : `${asText(ratio)}×`
  },
  read(text) {
    const times = text.trim().match(/^(?:[×x]\s*(\d+(?:\.\d+)?)|(\d+(?:\.\d+)?)\s*[×x])$/i)
    return times ? { ratio: Number(times[1] ?? times[2]) } : BY_ROUND.read(text)
  },
}

/** Sets a key, or takes it away where nothing was typed. */
export function setKey(holder: object, key: string, value: unknown) {
  const keyed = holder as Record<string, unknown>
  if (value === undefined || value === '' || value === null) Reflect.deleteProperty(keyed, key)
  else keyed[key] = value
}
