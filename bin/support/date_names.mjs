// Writes server/data/dates.json: how days and hours are written in each of the languages that a
// studio may choose (server/team/contract.rb), as the browser writes them. By hand, where a
// language is added: node bin/support/date_names.mjs
import { readFileSync, writeFileSync } from 'node:fs'

const contract = readFileSync(new URL('../../server/team/contract.rb', import.meta.url), 'utf8')
const locales = /DATE_LOCALES = %w\[([^\]]+)\]/.exec(contract)[1].split(' ')
const noon = (month, day) => new Date(Date.UTC(2026, month, day, 12))
const parts = (locale, options, date) => new Intl.DateTimeFormat(locale, { ...options, timeZone: 'UTC' }).formatToParts(date)
const part = (locale, options, date, type) => parts(locale, options, date).find((held) => held.type === type).value
const pattern = (locale, options) =>
  parts(locale, options, noon(10, 24)).map(({ type, value }) => (type === 'literal' ? value.replace(/[\u202f\u00a0]/g, ' ') : `%{${type}}`)).join('')

const whole = { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' }
const short = { day: 'numeric', month: 'long' }
const hours = { hour: '2-digit', minute: '2-digit' }
const written = locales.map((locale) => [
  locale,
  {
    whole: pattern(locale, whole),
    short: pattern(locale, short),
    hours: pattern(locale, hours),
    twelve: new Intl.DateTimeFormat(locale, hours).resolvedOptions().hour12,
    noon: [0, 12].map((hour) =>
      parts(locale, hours, new Date(Date.UTC(2026, 0, 1, hour))).find(({ type }) => type === 'dayPeriod')?.value ?? ''),
    months: Array.from({ length: 12 }, (_, month) => part(locale, whole, noon(month, 15), 'month')),
    weekdays: Array.from({ length: 7 }, (_, day) => part(locale, whole, noon(10, 22 + day), 'weekday')),
  },
])
writeFileSync(new URL('../../server/data/dates.json', import.meta.url), `${JSON.stringify(Object.fromEntries(written), null, 2)}\n`)
