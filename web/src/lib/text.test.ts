import { describe, expect, it } from 'vitest'
import en from './locales/en.json'
import { accented, pseudo } from './pseudo'
import { MOVEMENT_WORDS, PAIN_WHERE, PROFILE_PATTERNS } from './api/vocabulary'
import { plural, t } from './text'

describe('plural forms', () => {
  it('says one of a thing and several of it', () => {
    expect([plural(1, 'round'), plural(2, 'round'), plural(0, 'person'), plural(1, 'person')]).toEqual([
      '1 round',
      '2 rounds',
      '0 people',
      '1 person',
    ])
  })
})

describe('the language that nobody speaks', () => {
  it('accents every letter, keeps what is put in, and is a third longer', () => {
    expect(accented('Save {name}: {n} of them')).toMatch(/^Šåṽé \{name\}: \{n\} öƒ ţĥéḿ ~/)
    expect(accented('Save')).toHaveLength(6)
  })

  it('lengthens each plural form', () => {
    expect(accented('{n} rep | {n} reps').split(' | ')).toHaveLength(2)
  })

  it('has every message of English, none of them plain', () => {
    const plain = (messages: object): string[] =>
      Object.values(messages).flatMap((text) => (typeof text === 'string' ? [text] : plain(text)))
    const texts = plain(pseudo(en)).map((text) => text.replace(/\{[^}]*\}/g, ''))
    expect(texts).toHaveLength(plain(en).length)
    expect(texts.filter((text) => /[a-zA-Z]/.test(text))).toEqual([])
  })
})

describe('the messages', () => {
  it('have a word for everything that the core lists', () => {
    const listed = [...Object.values(MOVEMENT_WORDS).flat(), ...PAIN_WHERE, ...PROFILE_PATTERNS]
    expect(listed.filter((key) => !(key in en.words))).toEqual([])
  })

  it('can all be said', () => {
    for (const [feature, messages] of Object.entries(en)) {
      for (const key of Object.keys(messages)) expect(t(`${feature}.${key}` as never)).not.toBe(`${feature}.${key}`)
    }
  })
})
