import { Box, Text } from '@chakra-ui/react'
import type { Schemas } from '../../api/client'
import { Bar } from '../../parts/Bar'
import { Code, Figure } from '../../parts/Figure'
import { Section } from '../../parts/Section'
import { Cell, Head, Row, Table } from '../../parts/Table'
import { VerdictMark } from '../../parts/VerdictMark'
import { percent, ratio } from '../../parts/figures'

type Verdict = Schemas['VerdictDocument']
type Rule = Schemas['RuleDocument']

/** What the gate asks, what was found, and how much is missing. */
export function Rules({ verdict }: { verdict: Verdict }) {
  if (verdict.rules.length === 0) {
    return null
  }
  const commit = verdict.settings?.commit
  return (
    <Section
      title={
        <>
          What the gate asks · ojala.yaml on {verdict.target}
          {commit ? (
            <>
              {' '}
              at <Code>{commit.slice(0, 7)}</Code>
            </>
          ) : null}
        </>
      }
    >
      <Box overflowX="auto">
        <Table minWidth={{ md: '720px' }}>
          <thead>
            <tr>
              <Head width="32px">
                <Text srOnly>Outcome</Text>
              </Head>
              <Head>Where</Head>
              <Head>Rule</Head>
              <Head width="34%" hideBelow="md">
                Found
              </Head>
              <Head textAlign="right">figure</Head>
              <Head textAlign="right" hideBelow="md">
                covered / all
              </Head>
              <Head textAlign="right" paddingRight="0">
                short
              </Head>
            </tr>
          </thead>
          <tbody>
            {verdict.rules.map((rule) => (
              <RuleRow key={`${rule.scope} ${rule.sentence}`} rule={rule} />
            ))}
          </tbody>
        </Table>
      </Box>
    </Section>
  )
}

function RuleRow({ rule }: { rule: Rule }) {
  const count = countOf(rule)
  return (
    <Row>
      <Cell>
        <VerdictMark verdict={rule.outcome} size={19} />
      </Cell>
      <Cell>{rule.scope}</Cell>
      <Cell>
        {rule.sentence}
        {rule.line === 0 ? <Text color="inkFaint" fontSize="12.5px">always asked, unless a sentence says otherwise</Text> : null}
      </Cell>
      <Cell hideBelow="md">
        <Found rule={rule} />
      </Cell>
      <Cell textAlign="right">
        <Figure>{count ? percent(count) : (rule.found?.count?.toLocaleString('en') ?? '–')}</Figure>
      </Cell>
      <Cell textAlign="right" hideBelow="md">
        <Figure>{count ? ratio(count) : ''}</Figure>
      </Cell>
      <Cell textAlign="right" paddingRight="0">
        <Figure fontWeight={rule.short && rule.outcome === 'fail' ? '600' : '400'}>
          {rule.short ? `${rule.short.count.toLocaleString('en')} ${rule.short.unit}` : '–'}
        </Figure>
      </Cell>
    </Row>
  )
}

function Found({ rule }: { rule: Rule }) {
  const count = countOf(rule)
  if (rule.remark) {
    return <Text color="inkSoft">{rule.remark}</Text>
  }
  if (rule.found?.points !== undefined && rule.found.before) {
    const up = rule.found.points < 0
    return (
      <Text color="inkSoft">
        {Math.abs(rule.found.points).toFixed(2)} points {up ? 'up' : 'down'}, from {percent(rule.found.before)}
      </Text>
    )
  }
  const bound = /at least ([0-9.]+) ?%/.exec(rule.sentence)?.[1]
  return count ? <Bar covered={count.covered} total={count.total} bound={bound === undefined ? undefined : Number(bound)} /> : null
}

function countOf(rule: Rule): Schemas['CountDocument'] | undefined {
  const { covered, total } = rule.found ?? {}
  return covered === undefined || total === undefined ? undefined : { covered, total }
}
