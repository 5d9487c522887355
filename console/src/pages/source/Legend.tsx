import { Box, Text, chakra, useRecipe } from '@chakra-ui/react'

const states = [
  ['covered', 'covered'],
  ['partial', 'in part'],
  ['missed', 'missed'],
] as const

/** What the marks in the gutter mean. */
export function Legend({ measured }: { measured: boolean }) {
  const recipe = useRecipe({ key: 'gutter' })
  if (!measured) {
    return (
      <Text color="inkSoft" marginTop="12px">
        No report mentions this file: nothing is known of its lines.
      </Text>
    )
  }
  return (
    <Box display="flex" flexWrap="wrap" gap="6px 20px" marginTop="12px" color="inkSoft" fontSize="12.5px">
      {states.map(([state, word]) => (
        <Box key={state} display="flex" alignItems="center" gap="7px">
          <chakra.i css={recipe({ state })} height="14px" aria-hidden="true" />
          {word}
        </Box>
      ))}
      <Text>not marked: nothing to measure</Text>
    </Box>
  )
}
