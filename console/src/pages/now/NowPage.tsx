import { Box } from '@chakra-ui/react'
import { Suspense, lazy } from 'react'
import { useParams } from 'react-router'
import { type Schemas, api } from '../../api/client'
import { useLoaded } from '../../api/useLoaded'
import { Section } from '../../parts/Section'
import { Show } from '../../parts/Show'
import { Areas } from './Areas'
import { Folders } from './Folders'
import { FirstReport } from './FirstReport'
import { Standing } from './Standing'
import { WantsALook } from './WantsALook'

const Trend = lazy(() => import('./Trend').then((m) => ({ default: m.Trend })))

type Project = Schemas['ProjectDocument']

/** Where the default branch stands, how it got there, and what wants a look. */
export function NowPage() {
  const { project = '' } = useParams()
  const loaded = useLoaded(['project', project], () => api.project(project), 15)
  return <Show of={loaded}>{(found) => (found.branch ? <Measured project={found} /> : <FirstReport project={found} />)}</Show>
}

function Measured({ project }: { project: Project }) {
  const head = project.branch?.head ?? ''
  const commit = useLoaded(['commit', project.key, head], () => api.commit(project.key, head), 15)
  return (
    <Show of={commit}>
      {(page) => (
        <>
          <Standing project={project} page={page} />
          <Box display="grid" gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 3fr) minmax(0, 2fr)' }} gap="0 44px">
            <Box minHeight="374px">
              <Suspense>
                <Trend project={project.key} branch={project.defaultBranch} />
              </Suspense>
            </Box>
            <Section title="Wants a look">
              <WantsALook project={project.key} page={page} />
            </Section>
          </Box>
          <Section title="By folder">
            <Folders project={project} />
          </Section>
          <Areas project={project} />
        </>
      )}
    </Show>
  )
}
