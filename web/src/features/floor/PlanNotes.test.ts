import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { FitStation, Run } from '@/lib/api/types'
import { i18n } from '@/lib/text'
import PlanNotes from './PlanNotes.vue'

const long = 'Slowly down, and without a stop at the bottom. '.repeat(10).trim()
const run = {
  document: {
    blocks: [
      {
        id: 'main',
        stations: [
          { id: 's', note: 'Feet wide', levels: { beginner: { note: long }, intermediate: {}, advanced: {} } },
          { id: 'p', levels: { beginner: {}, intermediate: {}, advanced: {} } },
        ],
      },
    ],
  },
} as unknown as Run
const notes = (...ids: string[]) =>
  mount(PlanNotes, {
    props: { run, stations: ids.map((station) => ({ block: 'main', station }) as FitStation) },
    global: { plugins: [i18n] },
  })

describe('the notes of the plan on the instructor’s own screen', () => {
  it('are whole, the station’s first, and a level’s by its name', () => {
    expect(
      notes('s')
        .findAll('li')
        .map((line) => line.text().replace(/\s+/g, ' ')),
    ).toEqual(['Feet wide', expect.stringMatching(new RegExp(`^beginner ${long}$`, 'i'))])
  })

  it('leave nothing where the plan has none', () => {
    expect(notes('p').find('ul').exists()).toBe(false)
  })
})
