import { mount } from '@vue/test-utils'
import { expect, it } from 'vitest'
import type { FitPerson } from '@/lib/api/types'
import { i18n } from '@/lib/text'
import HardToFit from './HardToFit.vue'

const somebody = (name: string, ...kinds: string[]) =>
  ({ id: name.toLowerCase(), name, cells: kinds.map((kind) => ({ kind })) }) as unknown as FitPerson
const shown = (...people: FitPerson[]) => mount(HardToFit, { props: { people }, global: { plugins: [i18n] } })

it('names who does something else or sits out, those who sit out first, and nobody else', async () => {
  const line = shown(
    somebody('Kofi', 'fits', 'lowered'),
    somebody('Dov', 'substitute', 'substitute', 'fits'),
    somebody('Ines', 'sit_out', 'substitute'),
  )
  expect(line.findAll('button').map((button) => button.text())).toEqual(['Ines', 'Dov'])
  expect(line.text()).toContain('1 station sat out')
  expect(line.text()).toContain('2 stations replaced')
  await line.findAll('button')[1]!.trigger('click')
  expect(line.emitted('pick')).toEqual([['dov']])
})

it('says nothing where everybody has their own', () => {
  expect(shown(somebody('Kofi', 'fits', 'lowered')).text()).toBe('')
})
