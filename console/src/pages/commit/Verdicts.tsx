import { Box, Text } from '@chakra-ui/react'
import type { Schemas } from '../../api/client'
import { Code } from '../../parts/Figure'
import { VerdictMark } from '../../parts/VerdictMark'

/** What the commit's gate says, for each branch that it was judged for, and the doubts it had. */
export function Verdicts({ page }: { page: Schemas['CommitPage'] }) {
  return (
    <Box marginTop="14px" borderTopWidth="1px" borderColor="ruleStrong">
      {page.verdicts.map((verdict) => (
        <Line key={verdict.target} verdict={verdict.verdict}>
          <Text fontWeight="600">{verdict.headline}</Text>
          <Text color="inkSoft" fontSize="13px">
            {verdict.verdict} for <Code>{verdict.target}</Code>, verdict {verdict.number}
          </Text>
        </Line>
      ))}
      {page.doubts.map((doubt) => (
        <Line key={doubt.message} verdict="undecided">
          <Text>{doubt.message}</Text>
          <Text color="inkSoft" fontSize="13px">
            {doubt.next}
          </Text>
        </Line>
      ))}
    </Box>
  )
}

function Line({ verdict, children }: { verdict: string; children: React.ReactNode }) {
  return (
    <Box
      display="grid"
      gridTemplateColumns="26px minmax(0, 1fr)"
      gap="0 12px"
      alignItems="center"
      padding="8px 0"
      borderBottomWidth="1px"
      borderColor="rule"
    >
      <VerdictMark verdict={verdict} size={24} />
      <Box>{children}</Box>
    </Box>
  )
}
