import type { Schemas } from '../../api/client'
import { Code, Figure } from '../../parts/Figure'
import { Cell, Head, Row, Table } from '../../parts/Table'
import { TextLink } from '../../parts/TextLink'

type Condition = Schemas['ConditionDocument']

interface Shown {
  key: string
  line: number
  of: number
  index: number
  expression: string
  outcomes: Map<string, boolean>
}

/** Which outcome of each condition was shown to matter (MC/DC), in the order of the lines. */
export function Decisions({ conditions }: { conditions: Condition[] }) {
  return (
    <Table maxWidth="880px">
      <thead>
        <tr>
          <Head textAlign="right">Line</Head>
          <Head>condition</Head>
          <Head>when true</Head>
          <Head>when false</Head>
        </tr>
      </thead>
      <tbody>
        {byCondition(conditions).map((one) => (
          <Row key={one.key}>
            <Cell textAlign="right">
              <TextLink to={`#L${String(one.line)}`}>
                <Figure>{one.line}</Figure>
              </TextLink>
            </Cell>
            <Cell>
              {`${String(one.index + 1)} of ${String(one.of)} `}
              {one.expression === '' ? null : <Code>{one.expression}</Code>}
            </Cell>
            <Cell>{word(one.outcomes.get('t') ?? one.outcomes.get('pair'))}</Cell>
            <Cell>{word(one.outcomes.get('f') ?? one.outcomes.get('pair'))}</Cell>
          </Row>
        ))}
      </tbody>
    </Table>
  )
}

function word(shown: boolean | undefined): string {
  return shown === undefined ? '–' : shown ? 'shown' : 'not shown'
}

function byCondition(conditions: Condition[]): Shown[] {
  const shown = new Map<string, Shown>()
  for (const one of conditions) {
    const key = [one.line, one.of, one.index, one.expression].join(' ')
    const before = shown.get(key) ?? { ...one, key, outcomes: new Map<string, boolean>() }
    before.outcomes.set(one.sense, one.covered)
    shown.set(key, before)
  }
  return [...shown.values()]
}
