import { Box, Heading, Text } from '@chakra-ui/react'
import type { Schemas } from '../../api/client'
import { Code } from '../../parts/Figure'

/** A project of which nothing was measured: the command that sends its first report. */
export function FirstReport({ project }: { project: Schemas['ProjectDocument'] }) {
  return (
    <Box maxWidth="760px">
      <Heading as="h1" fontSize="21px" marginBottom="6px">
        Nothing was delivered for {project.defaultBranch} yet
      </Heading>
      <Text color="inkSoft" marginBottom="10px">
        In a checkout of <Code>{project.repository}</Code>, after the tests, with the project’s delivery token in OJALA_TOKEN:
      </Text>
      <Box as="pre" bg="sunk" padding="12px 16px" borderLeftWidth="3px" borderColor="marigold" overflowX="auto" tabIndex={0}>
        <Code>{`ojala send --suite unit --branch ${project.defaultBranch}`}</Code>
      </Box>
    </Box>
  )
}
