import { Box, Text } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import type { Schemas } from '../../api/client'
import { Figure } from '../../parts/Figure'
import { ratio } from '../../parts/figures'
import { ways } from '../../parts/ways'

type Source = Schemas['SourceDocument']
type Line = Schemas['LineDocument']

const SHOWN_TESTS = 12

/** All that is known of the line that was chosen by its number, at the foot of the window. */
export function LineDetails({ source, line }: { source: Source; line: number }) {
  const known = source.lines.find((one) => one.line === line)
  return (
    <Box
      role="status"
      position="sticky"
      bottom="0"
      zIndex="1"
      marginTop="10px"
      padding="10px 14px"
      bg="sunk"
      borderTopWidth="2px"
      borderColor="marigold"
      display="flex"
      flexWrap="wrap"
      gap="6px 26px"
      fontSize="13px"
    >
      <Text fontWeight="600">{`Line ${String(line)}`}</Text>
      {known ? <Facts line={known} conditions={source.conditions} /> : <Text>nothing to measure</Text>}
    </Box>
  )
}

function Facts({ line, conditions }: { line: Line; conditions: Source['conditions'] }) {
  const own = conditions.filter((one) => one.line === line.line)
  return (
    <>
      <Fact name="state">{line.state}</Fact>
      {line.hits === undefined ? null : <Fact name="hits">{line.hits.toLocaleString('en')}</Fact>}
      {line.sides ? (
        <Fact name="sides taken">
          {`${line.atLeast ? 'at least ' : ''}${ratio(line.sides)}`}
          {line.ways.length > 0 ? `: ${ways(line.ways)}` : ''}
        </Fact>
      ) : null}
      {own.length > 0 ? (
        <Fact name="MC/DC">{`${String(own.filter((one) => one.covered).length)} / ${String(own.length)} shown`}</Fact>
      ) : null}
      {line.instructions ? <Fact name="instructions">{ratio(line.instructions)}</Fact> : null}
      {line.calls ? <Fact name="calls">{ratio(line.calls)}</Fact> : null}
      <Fact name="suites">{line.suites.length === 0 ? 'none' : line.suites.join(', ')}</Fact>
      {line.tests.length > 0 ? <Fact name="tests">{tests(line.tests)}</Fact> : null}
    </>
  )
}

function Fact({ name, children }: { name: string; children: ReactNode }) {
  return (
    <Box>
      <Text as="span" color="inkSoft">
        {name}
      </Text>{' '}
      <Figure>{children}</Figure>
    </Box>
  )
}

function tests(names: string[]): string {
  const shown = names.slice(0, SHOWN_TESTS).join(', ')
  return names.length > SHOWN_TESTS ? `${shown} and ${String(names.length - SHOWN_TESTS)} more` : shown
}
