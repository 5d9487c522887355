import { Text } from '@chakra-ui/react'
import type { Schemas } from '../../api/client'
import { Bar } from '../../parts/Bar'
import { Figure } from '../../parts/Figure'
import { Section } from '../../parts/Section'
import { Cell, Row, Table } from '../../parts/Table'

/** What each suite reaches of the changed lines, and what it alone reaches. */
export function Suites({ verdict }: { verdict: Schemas['VerdictDocument'] }) {
  const all = verdict.change.sources
    .filter((source) => source.standing === 'measured')
    .reduce((sum, source) => sum + (source.counts['lines']?.total ?? 0), 0)
  if (verdict.suites.length === 0) {
    return null
  }
  return (
    <Section title="What each suite brought to the change">
      <Table>
        <tbody>
          {verdict.suites.map((suite) => (
            <Row key={suite.suite}>
              <Cell>
                {suite.suite}
                {suite.parts.length > 0 ? <Text color="inkFaint" fontSize="12.5px">{suite.parts.join(', ')}</Text> : null}
              </Cell>
              <Cell width="24%">
                <Bar covered={suite.covered} total={all} />
              </Cell>
              <Cell textAlign="right" paddingRight="0">
                <Figure>
                  {suite.covered} {suite.covered === 1 ? 'line' : 'lines'}, {suite.alone} by it alone
                </Figure>
              </Cell>
            </Row>
          ))}
        </tbody>
      </Table>
    </Section>
  )
}
