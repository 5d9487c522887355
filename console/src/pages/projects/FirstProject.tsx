import { Box, Text } from '@chakra-ui/react'
import { Code } from '../../parts/Figure'

/** What an empty service shows: the commands that bring the first report. */
export function FirstProject() {
  return (
    <Box maxWidth="760px">
      <Text color="inkSoft" marginBottom="10px">
        No project yet. In a shell, with the administrator’s token in OJALA_TOKEN:
      </Text>
      <Box as="pre" bg="sunk" padding="12px 16px" borderLeftWidth="3px" borderColor="marigold" overflowX="auto">
        <Code>
          {`ojala project add harbour --repository https://git.example.org/harbour.git
export OJALA_TOKEN=…   # the delivery token that it prints
ojala send --suite unit`}
        </Code>
      </Box>
    </Box>
  )
}
