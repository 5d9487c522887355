import type { Schemas } from '../../api/client'
import { Code, Figure } from '../../parts/Figure'
import { Cell, Head, Row, Table } from '../../parts/Table'

/** The functions of a file, and which of them some test calls. */
export function Functions({ functions }: { functions: Schemas['FunctionDocument'][] }) {
  return (
    <Table maxWidth="720px">
      <thead>
        <tr>
          <Head>Function</Head>
          <Head textAlign="right">line</Head>
          <Head textAlign="right">complexity</Head>
          <Head textAlign="right">a test reaches it</Head>
        </tr>
      </thead>
      <tbody>
        {functions.map((one) => (
          <Row key={`${String(one.line)} ${one.name}`}>
            <Cell>
              <Code>{one.name}</Code>
            </Cell>
            <Cell textAlign="right">
              <Figure>{one.line}</Figure>
            </Cell>
            <Cell textAlign="right">
              <Figure>{one.complexity ?? '–'}</Figure>
            </Cell>
            <Cell textAlign="right">{one.covered ? 'yes' : 'no'}</Cell>
          </Row>
        ))}
      </tbody>
    </Table>
  )
}
