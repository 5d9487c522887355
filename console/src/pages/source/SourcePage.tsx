import { Box, Heading, Text } from '@chakra-ui/react'
import { useLocation, useParams, useSearchParams } from 'react-router'
import { type Schemas, api } from '../../api/client'
import { useLoaded } from '../../api/useLoaded'
import { Code } from '../../parts/Figure'
import { Section } from '../../parts/Section'
import { Show } from '../../parts/Show'
import { SourceText } from '../../parts/SourceText'
import { TextLink } from '../../parts/TextLink'
import { Counts } from '../../parts/Counts'
import { paths } from '../../parts/paths'
import { Decisions } from './Decisions'
import { Functions } from './Functions'
import { Legend } from './Legend'
import { LineDetails } from './LineDetails'
import { SuiteChoice } from './SuiteChoice'
import { seenBy } from './seenBy'

type Source = Schemas['SourceDocument']

/** The source with its states, hits, branch sides, and the suites that reach a line. */
export function SourcePage() {
  const { project = '', commit = '', '*': path = '' } = useParams()
  const [query] = useSearchParams()
  const since = query.get('since') ?? undefined
  const source = useLoaded(['source', project, commit, path, since], () => api.source(project, commit, path, since), 300)
  const folder = path.slice(0, path.lastIndexOf('/') + 1)
  return (
    <>
      <Text color="inkSoft">
        <TextLink to={paths.commit(project, commit)}>
          <Code>{commit.slice(0, 8)}</Code>
        </TextLink>{' '}
        &nbsp;›&nbsp; <TextLink to={paths.commit(project, commit, folder.slice(0, -1))}>{folder}</TextLink>
      </Text>
      <Heading as="h1" fontSize="21px">
        {path.slice(folder.length)}
      </Heading>
      <Show of={source}>{(found) => <Loaded source={found} />}</Show>
    </>
  )
}

function Loaded({ source }: { source: Source }) {
  const [query, setQuery] = useSearchParams()
  const suite = query.get('suite') ?? ''
  const { hash } = useLocation()
  const selected = /^#L(\d+)$/.exec(hash)?.[1]
  const choose = (wanted: string) => {
    setQuery((before) => {
      const after = new URLSearchParams(before)
      if (wanted === '') {
        after.delete('suite')
      } else {
        after.set('suite', wanted)
      }
      return after
    })
  }
  return (
    <>
      <Box display="flex" flexWrap="wrap" alignItems="end" justifyContent="space-between" gap="12px" marginTop="8px">
        <Counts counts={source.counts} />
        <SuiteChoice suites={source.suites} chosen={suite} choose={choose} />
      </Box>
      <Legend measured={source.standing === 'measured'} />
      {source.text === undefined ? (
        <Text paddingY="24px" color="inkSoft">
          The repository does not give the text of this file; its lines are known by number only.
        </Text>
      ) : (
        <>
          <SourceText source={seenBy(source, suite)} selected={selected === undefined ? undefined : Number(selected)} />
          {selected === undefined ? null : <LineDetails source={source} line={Number(selected)} />}
        </>
      )}
      {source.functions.length > 0 ? (
        <Section title="Functions">
          <Functions functions={source.functions} />
        </Section>
      ) : null}
      {source.conditions.length > 0 ? (
        <Section title="Conditions (MC/DC)">
          <Decisions conditions={source.conditions} />
        </Section>
      ) : null}
    </>
  )
}
