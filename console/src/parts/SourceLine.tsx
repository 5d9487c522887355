import { Box, chakra, useRecipe } from '@chakra-ui/react'
import type { Schemas } from '../api/client'
import type { Token } from './highlight'
import { way } from './ways'

type Line = Schemas['LineDocument']

const washes: Record<string, string> = { missed: 'missedWash', partial: 'partialWash' }
const inks: Record<Token['kind'], string> = { plain: 'ink', keyword: 'keyword', literal: 'literal', comment: 'inkFaint' }

/** One line: its number, its mark, how often it ran, its text, and what is to be said of it. */
export function SourceLine({
  number,
  tokens,
  measured,
  changed,
  selected,
  gap,
}: {
  number: number
  tokens: Token[]
  measured: Line | undefined
  changed: boolean
  selected: boolean
  gap: boolean
}) {
  const recipe = useRecipe({ key: 'gutter' })
  const state = measured?.state ?? 'none'
  const wash = selected ? 'sunk' : washes[state]
  return (
    <Box
      id={`L${String(number)}`}
      data-state={state}
      display="grid"
      gridTemplateColumns="50px 8px 56px minmax(0, 1fr) max-content"
      height="21px"
      fontFamily="mono"
      fontSize="12.5px"
      lineHeight="21px"
      borderTopWidth={gap ? '1px' : '0'}
      borderStyle="dashed"
      borderColor="ruleStrong"
    >
      <chakra.a
        href={`#L${String(number)}`}
        textAlign="right"
        paddingRight="10px"
        color={changed ? 'ink' : 'inkFaint'}
        fontWeight={changed ? '600' : '400'}
        borderLeftWidth="3px"
        borderColor={changed ? 'marigold' : 'transparent'}
        aria-label={`line ${String(number)}${changed ? ', changed' : ''}, ${state === 'none' ? 'not measured' : state}`}
      >
        {number}
      </chakra.a>
      <chakra.i css={recipe({ state: state as 'covered' })} aria-hidden="true" />
      <Box textAlign="right" paddingX="6px 12px" paddingRight="12px" color="inkFaint">
        {measured?.hits === undefined ? '' : short(measured.hits)}
      </Box>
      <Box whiteSpace="pre" paddingLeft="8px" bg={wash} overflow="hidden">
        {tokens.map((token, index) => (
          <chakra.span key={index} color={inks[token.kind]} fontStyle={token.kind === 'comment' ? 'italic' : undefined}>
            {token.text}
          </chakra.span>
        ))}
      </Box>
      <Box paddingX="10px" color="inkSoft" fontSize="11.5px" bg={wash} fontFamily="mono">
        {measured ? remark(measured) : ''}
      </Box>
    </Box>
  )
}

function remark(line: Line): string {
  const said: string[] = []
  if (line.sides && line.sides.covered < line.sides.total) {
    const missed = line.ways.filter((one) => !one.taken)
    const which = missed.length === 1 && !line.atLeast ? `, not ${missed.map((one) => way(one, line.ways)).join('')}` : ''
    said.push(`${line.atLeast ? 'at least ' : ''}${String(line.sides.covered)} of ${String(line.sides.total)} sides${which}`)
  }
  said.push(line.suites.length === 0 ? 'no suite' : line.suites.join(', '))
  if (line.tests.length > 0) {
    said.push(line.tests.length === 1 ? (line.tests[0] ?? '') : `${String(line.tests.length)} tests`)
  }
  return said.join(' · ')
}

function short(hits: number): string {
  if (hits < 1000) {
    return String(hits)
  }
  const units: [number, string][] = [
    [1e15, 'P'],
    [1e12, 'T'],
    [1e9, 'G'],
    [1e6, 'M'],
    [1e3, 'k'],
  ]
  const [size, unit] = units.find(([one]) => hits >= one) ?? [1, '']
  return `${String(Math.floor((hits / size) * 10) / 10)}${unit}`
}
