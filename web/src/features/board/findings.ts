import type { Finding } from '@/lib/api/types'

/** Findings about one thing stand together; what weighs most comes first. Of many of one rule some stand for all. */
export interface Topic {
  topic: Finding['topic']
  findings: Finding[]
  /** More of rules that have spoken already. */
  more: Finding[]
}

/** So often a rule speaks before the rest of it is folded. */
const MOST_OF_A_RULE = 2

/** @param findings the gravest first, as the server sends them */
export function byTopic(findings: Finding[]): Topic[] {
  const topics = new Map<Finding['topic'], Topic>()
  const spoken = new Map<string, number>()
  for (const finding of findings) {
    const topic = topics.get(finding.topic) ?? { topic: finding.topic, findings: [], more: [] }
    topics.set(finding.topic, topic)
    const times = (spoken.get(finding.rule) ?? 0) + 1
    spoken.set(finding.rule, times)
    ;(times > MOST_OF_A_RULE ? topic.more : topic.findings).push(finding)
  }
  return [...topics.values()]
}

/** As they stand on the screen. */
export const inOrder = (findings: Finding[]) => byTopic(findings).flatMap((topic) => [...topic.findings, ...topic.more])
