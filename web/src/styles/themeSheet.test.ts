import { expect, it } from 'vitest'
import { CONTROLS, themeSheet } from '../../build/themeSheet'

const sources = import.meta.glob<string>('../**/*.vue', { query: '?raw', import: 'default', eager: true })
const used = new Set(
  Object.values(sources).flatMap((text) => [...text.matchAll(/from 'primevue\/(\w+)'/g)].map(([, name]) => name ?? '')),
)
const WITHOUT_STYLE = ['usetoast']

it('has a style for every control that the interface uses', async () => {
  const names = [...used].filter((name) => !WITHOUT_STYLE.includes(name))
  expect(names.length).toBeGreaterThan(10)
  expect(names.filter((name) => !CONTROLS.includes(name))).toEqual([])
  const sheet = await themeSheet()
  expect(names.filter((name) => !sheet.includes(`.p-${name}`))).toEqual([])
})

it('is drawn with the tokens of the application, light and dark', async () => {
  const sheet = await themeSheet()
  expect(sheet).toContain('--p-focus-ring-color:var(--focus)')
  expect(sheet).toMatch(/\.dark\s*\{[^}]*--p-surface-0:var\(--ink\)/)
  expect(sheet).not.toContain('dt(')
  expect(sheet).not.toContain('<style')
})
