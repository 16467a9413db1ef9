import { describe, expect, it } from 'vitest'

// Imports point one way: pages put features together, features use controls and
// what is shared, and nothing of those knows a feature.

const ALLOWED: Record<string, string[]> = {
  lib: ['lib'],
  ui: ['ui', 'lib'],
  features: ['features', 'ui', 'lib'],
  pages: ['features', 'ui', 'lib'],
}
const sources = import.meta.glob<string>(['./**/*.ts', './**/*.vue', '!./**/schema.ts'], {
  query: '?raw',
  import: 'default',
  eager: true,
})
const folderOf = (path: string) => path.split('/')[1]!

/** Where a file imports from, by folder of `src`. */
function arrows(path: string): string[] {
  const imported = [...sources[path]!.matchAll(/(?:from |import\(?)'(@|\.\.?)\/([^']+)'/g)]
  return imported.map(([, start, rest]) =>
    start === '@' ? rest!.split('/')[0]! : start === '.' ? folderOf(path) : 'above',
  )
}

describe('imports', () => {
  it.each(Object.keys(ALLOWED))('of %s point only where they may', (folder) => {
    const files = Object.keys(sources).filter((path) => folderOf(path) === folder)
    expect(files.length).toBeGreaterThan(5)
    const wrong = files.flatMap((path) =>
      arrows(path)
        .filter((to) => !ALLOWED[folder]!.includes(to))
        .map((to) => `${path} -> ${to}`),
    )
    expect(wrong).toEqual([])
  })

  it('between features make no circle', () => {
    const featureOf = (path: string) => path.match(/features\/(\w+)/)?.[1]
    const wants = new Map<string, Set<string>>()
    for (const [path, text] of Object.entries(sources)) {
      const one = featureOf(path)
      const others = [...text.matchAll(/'@\/features\/(\w+)/g)].map((found) => found[1]!)
      if (one) wants.set(one, new Set([...(wants.get(one) ?? []), ...others].filter((other) => other !== one)))
    }
    const circle = (at: string, way: string[]): string[] | undefined =>
      way.includes(at) ? [...way, at] : [...(wants.get(at) ?? [])].map((to) => circle(to, [...way, at])).find(Boolean)
    expect([...wants.keys()].map((one) => circle(one, [])).find(Boolean)).toBeUndefined()
  })

  it('leave pages short', () => {
    const long = Object.entries(sources).filter(
      ([path, text]) => folderOf(path) === 'pages' && text.split('\n').length > 60,
    )
    expect(long.map(([path]) => path)).toEqual([])
  })
})
