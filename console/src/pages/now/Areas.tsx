import { useQueries } from '@tanstack/react-query'
import { type Schemas, api } from '../../api/client'
import { useLoaded } from '../../api/useLoaded'
import { Bar } from '../../parts/Bar'
import { Points } from '../../parts/Points'
import { Section } from '../../parts/Section'
import { Percent, Ratio } from '../../parts/Share'
import { Cell, Head, Row, Table } from '../../parts/Table'
import { TextLink } from '../../parts/TextLink'

/** The areas of the settings, each as of its newest commit, with what the commit before had. */
export function Areas({ project }: { project: Schemas['ProjectDocument'] }) {
  const whole = useLoaded(['trend', project.key, 'lines', ''], () => api.trend(project.key, 'lines', undefined), 30)
  const areas = whole.state === 'ready' ? whole.value.areas : []
  const trends = useQueries({
    queries: areas.map((area) => ({
      queryKey: ['trend', project.key, 'lines', area],
      queryFn: () => api.trend(project.key, 'lines', area),
    })),
  })
  if (areas.length === 0) {
    return null
  }
  return (
    <Section title="By area">
      <Table>
        <thead>
          <tr>
            <Head>Area</Head>
            <Head width="26%">Lines</Head>
            <Head textAlign="right">%</Head>
            <Head textAlign="right">covered / all</Head>
            <Head textAlign="right">last commit</Head>
          </tr>
        </thead>
        <tbody>
          {areas.map((area, index) => {
            const points = trends[index]?.data?.points ?? []
            const lines = points.at(-1)?.count
            return (
              <Row key={area}>
                <Cell>
                  <TextLink to={`?area=${area}`} preventScrollReset>
                    {area}
                  </TextLink>
                </Cell>
                <Cell>{lines ? <Bar covered={lines.covered} total={lines.total} /> : null}</Cell>
                <Cell textAlign="right">
                  <Percent count={lines} />
                </Cell>
                <Cell textAlign="right">
                  <Ratio count={lines} />
                </Cell>
                <Cell textAlign="right">
                  <Points before={points.at(-2)?.count} after={lines} />
                </Cell>
              </Row>
            )
          })}
        </tbody>
      </Table>
    </Section>
  )
}
