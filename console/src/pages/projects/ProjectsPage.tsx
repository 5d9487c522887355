import { Heading, Text } from '@chakra-ui/react'
import { type Schemas, api } from '../../api/client'
import { useLoaded } from '../../api/useLoaded'
import { Bar } from '../../parts/Bar'
import { Figure } from '../../parts/Figure'
import { Points } from '../../parts/Points'
import { Show } from '../../parts/Show'
import { Cell, Head, Row, Table } from '../../parts/Table'
import { TextLink } from '../../parts/TextLink'
import { VerdictMark } from '../../parts/VerdictMark'
import { ago, percent, ratio } from '../../parts/figures'
import { paths } from '../../parts/paths'
import { FirstProject } from './FirstProject'

type Project = Schemas['ProjectDocument']

/** Which of my projects are well. */
export function ProjectsPage() {
  const projects = useLoaded(['projects'], api.projects, 15)
  return (
    <>
      <Heading as="h1" fontSize="21px" marginBottom="12px">
        Projects
      </Heading>
      <Show of={projects}>{(all) => (all.length === 0 ? <FirstProject /> : <ProjectTable projects={all} />)}</Show>
    </>
  )
}

function ProjectTable({ projects }: { projects: Project[] }) {
  return (
    <Table>
      <thead>
        <tr>
          <Head width="32px">
            <Text srOnly>Verdict</Text>
          </Head>
          <Head>Project</Head>
          <Head width="30%">Lines on its default branch</Head>
          <Head textAlign="right">covered / all</Head>
          <Head textAlign="right">7 days</Head>
          <Head textAlign="right">Open changes</Head>
        </tr>
      </thead>
      <tbody>
        {projects.map((project) => (
          <ProjectRow key={project.key} project={project} />
        ))}
      </tbody>
    </Table>
  )
}

function ProjectRow({ project }: { project: Project }) {
  const lines = project.branch?.lines
  return (
    <Row>
      <Cell>{project.branch ? <VerdictMark verdict={project.branch.verdict} size={19} /> : null}</Cell>
      <Cell>
        <TextLink to={paths.now(project.key)} fontWeight="600">
          {project.key}
        </TextLink>
        <Text color="inkFaint" fontSize="12.5px">
          {project.defaultBranch}
          {project.branch ? ` · ${ago(project.branch.decidedAt)}` : ' · nothing was delivered for it yet'}
        </Text>
      </Cell>
      <Cell>{lines ? <Bar covered={lines.covered} total={lines.total} /> : null}</Cell>
      <Cell textAlign="right">
        {lines ? (
          <Figure>
            {percent(lines)} &nbsp; {ratio(lines)}
          </Figure>
        ) : (
          <Figure color="inkFaint">–</Figure>
        )}
      </Cell>
      <Cell textAlign="right">
        <Points before={project.weekBefore} after={lines} />
      </Cell>
      <Cell textAlign="right">
        <Figure>{project.openChanges}</Figure>
      </Cell>
    </Row>
  )
}
