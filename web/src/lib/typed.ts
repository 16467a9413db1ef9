/** A number as typed: text that is no number goes to the server as it is and comes back as a message at its field. */
export type Typed = number | string | undefined

/** Sets a key, or takes it away where nothing was typed. */
export function setKey(holder: object, key: string, value: unknown) {
  const keyed = holder as Record<string, unknown>
  if (value === undefined || value === '' || value === null) Reflect.deleteProperty(keyed, key)
  else keyed[key] = value
}
