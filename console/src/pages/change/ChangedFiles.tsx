import { Text } from '@chakra-ui/react'
import type { Schemas } from '../../api/client'
import { Bar } from '../../parts/Bar'
import { Figure } from '../../parts/Figure'
import { Section } from '../../parts/Section'
import { Cell, Head, Row, Table } from '../../parts/Table'
import { TextLink } from '../../parts/TextLink'
import { ratio } from '../../parts/figures'
import { sourcePath } from './sourcePath'

type Source = Schemas['ChangedSourceDocument']

/** Every changed file: what of it counts, or why it does not. */
export function ChangedFiles({
  project,
  verdict,
  sources,
}: {
  project: string
  verdict: Schemas['VerdictDocument']
  sources: Source[]
}) {
  return (
    <Section title="By file">
      <Table>
        <thead>
          <tr>
            <Head>Changed file</Head>
            <Head width="24%">
              <Text srOnly>Share</Text>
            </Head>
            <Head textAlign="right" paddingRight="0">
              covered / changed
            </Head>
          </tr>
        </thead>
        <tbody>
          {sources.map((source) => {
            const lines = source.counts['lines']
            const counted = source.standing === 'measured' && lines !== undefined && lines.total > 0
            return (
              <Row key={source.path}>
                <Cell wordBreak="break-word">
                  <TextLink to={sourcePath(project, verdict, source.path)}>{source.path}</TextLink>
                </Cell>
                {counted ? (
                  <Cell>
                    <Bar covered={lines.covered} total={lines.total} />
                  </Cell>
                ) : null}
                <Cell textAlign="right" paddingRight="0" colSpan={counted ? 1 : 2}>
                  {counted ? <Figure>{ratio(lines)}</Figure> : <Text color="inkSoft">{reason(source)}</Text>}
                </Cell>
              </Row>
            )
          })}
        </tbody>
      </Table>
    </Section>
  )
}

function reason(source: Source): string {
  switch (source.standing) {
    case 'unmeasured':
      return 'no report mentions it'
    case 'excluded':
      return `excluded: ${source.because ?? ''}`
    case 'outside':
      return 'not a source'
    default:
      return 'nothing to measure'
  }
}
