import type { Schemas } from '../../api/client'
import { Code, Figure } from '../../parts/Figure'
import { Percent, Ratio } from '../../parts/Share'
import { Cell, Head, Row, Table } from '../../parts/Table'
import { TextLink } from '../../parts/TextLink'

type Function = Schemas['FunctionDocument']

/** The functions of a file: which of them some test calls, the counts of their lines, their complexity. */
export function Functions({ functions }: { functions: Function[] }) {
  const counts = ['branches', 'mcdc'].filter((name) => functions.some((one) => one.counts[name] !== undefined))
  return (
    <Table maxWidth="880px">
      <thead>
        <tr>
          <Head>Function</Head>
          <Head textAlign="right">line</Head>
          <Head textAlign="right">lines</Head>
          <Head textAlign="right">covered / all</Head>
          {counts.map((name) => (
            <Head key={name} textAlign="right">
              {name}
            </Head>
          ))}
          <Head textAlign="right">complexity</Head>
          <Head textAlign="right">a test reaches it</Head>
        </tr>
      </thead>
      <tbody>
        {functions.map((one) => (
          <Row key={`${String(one.line)} ${String(one.column)} ${one.name}`}>
            <Cell>
              <Code>{one.name}</Code>
            </Cell>
            <Cell textAlign="right">
              <TextLink to={`#L${String(one.line)}`}>
                <Figure>{one.line}</Figure>
              </TextLink>
            </Cell>
            <Cell textAlign="right">
              <Percent count={one.counts['lines']} />
            </Cell>
            <Cell textAlign="right">
              <Ratio count={one.counts['lines']} />
            </Cell>
            {counts.map((name) => (
              <Cell key={name} textAlign="right">
                <Ratio count={one.counts[name]} />
              </Cell>
            ))}
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
