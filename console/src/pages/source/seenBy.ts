import type { Schemas } from '../../api/client'

type Source = Schemas['SourceDocument']

/** The source as one suite alone reaches it; all suites together for the empty name. */
export function seenBy(source: Source, suite: string): Source {
  if (suite === '') {
    return source
  }
  return {
    ...source,
    lines: source.lines.map((line) => (line.suites.includes(suite) ? line : { ...line, state: 'missed' })),
  }
}
