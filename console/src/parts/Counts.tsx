import { Box, Text } from '@chakra-ui/react'
import type { Schemas } from '../api/client'
import { Figure } from './Figure'
import { percent, ratio } from './figures'

/** What was counted; covered / all beside each percentage. */
export function Counts({ counts }: { counts: Record<string, Schemas['CountDocument']> }) {
  return (
    <Box display="flex" flexWrap="wrap" gap="8px 24px">
      {Object.entries(counts).map(([name, count]) => (
        <Box key={name}>
          <Text color="inkSoft" fontSize="13px">
            {name}
          </Text>
          <Figure fontSize="16px" fontWeight="600">
            {ratio(count)}
          </Figure>{' '}
          <Figure color="inkSoft">{percent(count)}</Figure>
        </Box>
      ))}
    </Box>
  )
}
