import { Text } from '@chakra-ui/react'
import type { Schemas } from '../../api/client'
import { Bar } from '../../parts/Bar'
import { Percent, Ratio } from '../../parts/Share'
import { Cell, Head, Row, Table } from '../../parts/Table'

/** What each suite covers by itself. */
export function Suites({ suites }: { suites: Schemas['SuiteTally'][] }) {
  return (
    <Table>
      <thead>
        <tr>
          <Head>Suite</Head>
          <Head width="30%">Lines</Head>
          <Head textAlign="right">%</Head>
          <Head textAlign="right">covered / all</Head>
        </tr>
      </thead>
      <tbody>
        {suites.map((suite) => {
          const lines = suite.counts['lines']
          return (
            <Row key={suite.suite}>
              <Cell>
                {suite.suite}
                <Text color="inkFaint" fontSize="12.5px">
                  {suite.parts.join(', ')}
                </Text>
              </Cell>
              <Cell>{lines ? <Bar covered={lines.covered} total={lines.total} /> : null}</Cell>
              <Cell textAlign="right">
                <Percent count={lines} />
              </Cell>
              <Cell textAlign="right">
                <Ratio count={lines} />
              </Cell>
            </Row>
          )
        })}
      </tbody>
    </Table>
  )
}
