import { describe, expect, it } from 'vitest'
import type { Finding } from '@/lib/api/types'
import { byTopic, inOrder } from './findings'

const finding = (key: string, topic: Finding['topic'], rule = key) => ({ key, topic, rule }) as Finding

describe('findings', () => {
  const found = [finding('a', 'numbers'), finding('b', 'opening'), finding('c', 'numbers'), finding('d', 'kit')]

  it('stand together by what they are about, the topic of the gravest first', () => {
    expect(byTopic(found).map(({ topic, findings }) => [topic, findings.map(({ key }) => key)])).toEqual([
      ['numbers', ['a', 'c']],
      ['opening', ['b']],
      ['kit', ['d']],
    ])
  })

  it('are numbered in the order in which they stand', () => {
    expect(inOrder(found).map(({ key }) => key)).toEqual(['a', 'c', 'b', 'd'])
  })

  it('of many of one rule show two, and fold the rest', () => {
    const many = [1, 2, 3, 4].map((number) => finding(`empty/${number}`, 'numbers', 'empty'))
    const [topic] = byTopic([...many, finding('odd/1', 'numbers', 'odd')])
    expect(topic!.findings.map(({ key }) => key)).toEqual(['empty/1', 'empty/2', 'odd/1'])
    expect(topic!.more.map(({ key }) => key)).toEqual(['empty/3', 'empty/4'])
  })
})
