import { Box, Heading, Text } from '@chakra-ui/react'
import { useParams } from 'react-router'
import { type Schemas, api } from '../../api/client'
import { useLoaded } from '../../api/useLoaded'
import { Code } from '../../parts/Figure'
import { Section } from '../../parts/Section'
import { Show } from '../../parts/Show'
import { TextLink } from '../../parts/TextLink'
import { ago } from '../../parts/figures'
import { paths } from '../../parts/paths'
import { BareLines } from './BareLines'
import { ChangedFiles } from './ChangedFiles'
import { Doubts } from './Doubts'
import { Rules } from './Rules'
import { Suites } from './Suites'
import { VerdictLine } from './VerdictLine'

type Page = Schemas['ChangePage']
type Verdict = Schemas['VerdictDocument']

/** May it be merged; if not: which rule, how many lines short, which lines. */
export function ChangePage() {
  const { project = '', number = '' } = useParams()
  const page = useLoaded(['change', project, number], () => api.change(project, Number(number)), 3)
  return <Show of={page}>{(found) => <Loaded project={project} page={found} />}</Show>
}

function Loaded({ project, page }: { project: string; page: Page }) {
  const { change, verdict } = page
  return (
    <>
      <Text color="inkSoft">
        <TextLink to={`/${project}/changes`}>Changes</TextLink> &nbsp;›&nbsp; #{change.number}
      </Text>
      <Heading as="h1" fontSize="21px" lineHeight="1.25">
        {change.title}
      </Heading>
      <Text color="inkSoft">
        <Code>{change.source}</Code> into <Code>{change.target}</Code> · head{' '}
        <TextLink to={paths.commit(project, change.head)} textDecoration="underline">
          <Code>{change.head.slice(0, 8)}</Code>
        </TextLink>
        {verdict?.change.mergeBase ? (
          <>
            {' '}
            · compared with{' '}
            <TextLink to={paths.commit(project, verdict.change.mergeBase)} textDecoration="underline">
              <Code>{verdict.change.mergeBase.slice(0, 8)}</Code>
            </TextLink>
            , the merge base
          </>
        ) : null}
        {verdict?.decidedAt ? ` · ${ago(verdict.decidedAt)}` : ''}
        {change.state === 'open' ? '' : ` · ${change.state}`}
      </Text>
      {verdict ? <Judged project={project} verdict={verdict} /> : <Text marginTop="22px">Waiting for its first delivery.</Text>}
    </>
  )
}

function Judged({ project, verdict }: { project: string; verdict: Verdict }) {
  const measured = verdict.change.sources.filter((source) => source.changed !== '')
  return (
    <>
      <VerdictLine verdict={verdict} />
      <Doubts verdict={verdict} />
      <Rules verdict={verdict} />
      <Box display="grid" gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 3fr) minmax(0, 2fr)' }} gap="0 44px">
        <Section title="Bare lines: changed, and no test reaches them">
          <BareLines project={project} verdict={verdict} />
        </Section>
        <Box>
          <ChangedFiles project={project} verdict={verdict} sources={measured} />
          <Suites verdict={verdict} />
        </Box>
      </Box>
    </>
  )
}
