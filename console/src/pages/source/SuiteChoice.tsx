import { Box, chakra } from '@chakra-ui/react'

/** Whose reach is shown: all suites together, or one. */
export function SuiteChoice({ suites, chosen, choose }: { suites: string[]; chosen: string; choose: (suite: string) => void }) {
  if (suites.length === 0) {
    return null
  }
  return (
    <Box role="group" aria-label="Show the reach of" display="flex" alignItems="center" gap="5px" color="inkSoft" fontSize="13px">
      show reach of
      {['', ...suites].map((suite) => (
        <chakra.button
          key={suite}
          type="button"
          aria-pressed={chosen === suite}
          onClick={() => {
            choose(suite)
          }}
          fontFamily="mono"
          fontSize="11.5px"
          padding="1px 6px"
          borderWidth="1px"
          borderRadius="2px"
          borderColor={chosen === suite ? 'marigold' : 'ruleStrong'}
          color={chosen === suite ? 'ink' : 'inkSoft'}
          cursor="pointer"
        >
          {suite === '' ? 'all suites' : suite}
        </chakra.button>
      ))}
    </Box>
  )
}
