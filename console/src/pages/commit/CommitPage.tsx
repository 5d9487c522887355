import { Box, Heading, Text } from '@chakra-ui/react'
import { useParams, useSearchParams } from 'react-router'
import { type Schemas, api } from '../../api/client'
import { useLoaded } from '../../api/useLoaded'
import { Counts } from '../../parts/Counts'
import { Code } from '../../parts/Figure'
import { FolderTable } from '../../parts/FolderTable'
import { Section } from '../../parts/Section'
import { Show } from '../../parts/Show'
import { TextLink } from '../../parts/TextLink'
import { day } from '../../parts/figures'
import { paths } from '../../parts/paths'
import { Crumbs } from './Crumbs'
import { Deliveries } from './Deliveries'
import { Suites } from './Suites'
import { Verdicts } from './Verdicts'

type Page = Schemas['CommitPage']

/** What was measured of a commit: by folder, by suite, and from which deliveries. */
export function CommitPage() {
  const { project = '', commit = '' } = useParams()
  const page = useLoaded(['commit', project, commit], () => api.commit(project, commit), 15)
  return <Show of={page}>{(found) => <Loaded project={project} page={found} />}</Show>
}

function Loaded({ project, page }: { project: string; page: Page }) {
  const [query] = useSearchParams()
  const at = query.get('in') ?? ''
  const { commit } = page
  const folder = useLoaded(['folder', project, commit.commit, at], () => api.folder(project, commit.commit, at, undefined), 60)
  return (
    <>
      <Heading as="h1" fontSize="21px" lineHeight="1.25">
        {commit.subject}
      </Heading>
      <Text color="inkSoft">
        <Code>{commit.commit.slice(0, 8)}</Code> · {commit.author} · {day(commit.committedAt)}
        {page.parents[0] ? (
          <>
            {' '}
            · after{' '}
            <TextLink to={paths.commit(project, page.parents[0])}>
              <Code>{page.parents[0].slice(0, 8)}</Code>
            </TextLink>
          </>
        ) : null}
        {page.settings ? (
          <>
            {' '}
            · seen through ojala.yaml at <Code>{page.settings.slice(0, 8)}</Code>
          </>
        ) : null}
      </Text>
      <Verdicts page={page} />
      <Box marginTop="16px">
        <Counts counts={page.counts} />
      </Box>
      <Section title={<Crumbs project={project} commit={commit.commit} path={at} />}>
        <Show of={folder}>{(found) => <FolderTable project={project} folder={found} compared={undefined} />}</Show>
      </Section>
      <Box display="grid" gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 2fr) minmax(0, 3fr)' }} gap="0 44px">
        <Section title="What each suite covers, before the settings">
          <Suites suites={page.suites} />
        </Section>
        <Section title="Deliveries, newest first">
          <Deliveries deliveries={page.deliveries} />
        </Section>
      </Box>
    </>
  )
}
