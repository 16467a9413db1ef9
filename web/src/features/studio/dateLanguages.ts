/** Ways to write dates, each told by its language, its country and an example. */
export function dateLanguages(locales: string[]): { value: string; label: string }[] {
  const names = new Intl.DisplayNames('en', { type: 'language' })
  const example = new Date('2026-11-24T18:30Z')
  return locales.map((value) => ({
    value,
    label: `${names.of(value) ?? value}: ${example.toLocaleDateString(value, { weekday: 'short', day: 'numeric', month: 'short' })}`,
  }))
}
