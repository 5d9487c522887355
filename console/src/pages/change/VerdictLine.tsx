import { Box, Text } from '@chakra-ui/react'
import type { Schemas } from '../../api/client'
import { VerdictMark } from '../../parts/VerdictMark'

/** The sentence first: whether it may be merged, and the least that would do. */
export function VerdictLine({ verdict }: { verdict: Schemas['VerdictDocument'] }) {
  return (
    <Box
      display="grid"
      gridTemplateColumns={{ base: '36px 1fr', md: '52px 1fr auto' }}
      alignItems="center"
      gap="0 16px"
      padding="16px 0 18px"
      borderBottomWidth="1px"
      borderColor="ruleStrong"
    >
      <VerdictMark verdict={verdict.verdict} size={38} />
      <Box>
        <Text fontSize="18px" fontWeight="600" lineHeight="1.35">
          {verdict.headline}
        </Text>
        <Text color="inkSoft" marginTop="2px">
          {verdict.pending ? 'Something newer was received and is being judged. ' : ''}
          {verdict.advice}
        </Text>
      </Box>
      <Text color="inkFaint" fontSize="12.5px" hideBelow="md">
        verdict {verdict.number}: {verdict.verdict}
      </Text>
    </Box>
  )
}
