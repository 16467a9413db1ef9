import type { Finding } from '@/lib/api/types'

/** Findings about one thing stand together; what weighs most comes first. */
export interface Topic {
  topic: Finding['topic']
  findings: Finding[]
}

/** @param findings the gravest first, as the server sends them */
export function byTopic(findings: Finding[]): Topic[] {
  const topics: Topic[] = []
  for (const finding of findings) {
    const known = topics.find(({ topic }) => topic === finding.topic)
    if (known) known.findings.push(finding)
    else topics.push({ topic: finding.topic, findings: [finding] })
  }
  return topics
}

/** As they stand on the screen. */
export const inOrder = (findings: Finding[]) => byTopic(findings).flatMap((topic) => topic.findings)
