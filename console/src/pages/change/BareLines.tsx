import { Box, Text } from '@chakra-ui/react'
import { type Schemas, api } from '../../api/client'
import { useLoaded } from '../../api/useLoaded'
import { Show } from '../../parts/Show'
import { TextLink } from '../../parts/TextLink'
import { linesOf } from '../../parts/figures'
import { SourceText } from '../../parts/SourceText'
import { sourcePath } from './sourcePath'

type Verdict = Schemas['VerdictDocument']
type Source = Schemas['ChangedSourceDocument']

const SHOWN_FILES = 4
const AROUND = 3

/** The lines that hold it up, in their source. */
export function BareLines({ project, verdict }: { project: string; verdict: Verdict }) {
  const bare = verdict.change.sources.filter((source) => source.standing === 'measured' && source.missed !== '')
  const unmeasured = verdict.change.sources.filter((source) => source.standing === 'unmeasured' && source.changed !== '')
  if (bare.length === 0 && unmeasured.length === 0) {
    return <Text color="inkSoft">None: every changed line that can be measured is reached.</Text>
  }
  return (
    <>
      {unmeasured.map((source) => (
        <Text key={source.path} marginBottom="6px">
          <TextLink to={sourcePath(project, verdict, source.path)} textDecoration="underline">
            {source.path}
          </TextLink>
          : no report mentions this file, so
          nothing is known of its lines. Let a test load it.
        </Text>
      ))}
      {bare.slice(0, SHOWN_FILES).map((source) => (
        <BareFile key={source.path} project={project} verdict={verdict} source={source} />
      ))}
      {bare.length > SHOWN_FILES ? <Text color="inkSoft">and {bare.length - SHOWN_FILES} more files, beside this list.</Text> : null}
    </>
  )
}

function BareFile({ project, verdict, source }: { project: string; verdict: Verdict; source: Source }) {
  const head = verdict.head ?? ''
  const since = verdict.change.mergeBase
  const loaded = useLoaded(['source', project, head, source.path, since], () => api.source(project, head, source.path, since), 300)
  const missed = linesOf(source.missed)
  const first = Math.min(...missed)
  return (
    <Box marginBottom="18px">
      <Text>
        <TextLink to={sourcePath(project, verdict, source.path, first)}>{source.path}</TextLink>{' '}
        <Text as="span" color="inkFaint">
          lines {source.missed.replaceAll(',', ', ')}
        </Text>
      </Text>
      <Show of={loaded}>{(found) => <SourceText source={found} shown={around(missed)} />}</Show>
    </Box>
  )
}

function around(lines: Set<number>): Set<number> {
  const shown = new Set<number>()
  for (const line of lines) {
    for (let near = line - AROUND; near <= line + AROUND; near++) {
      shown.add(near)
    }
  }
  return shown
}
