import { describe, expect, it } from 'vitest'
import type { Finding } from '@/lib/api/types'
import { byTopic, inOrder } from './findings'

const finding = (key: string, topic: Finding['topic']) => ({ key, topic }) as Finding

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
})
