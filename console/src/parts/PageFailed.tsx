import { Box, Button, Heading, Text } from '@chakra-ui/react'

/** What stands where a page itself could not be loaded or drawn; loading again is all that helps. */
export function PageFailed() {
  return (
    <Box padding="28px" maxWidth="640px" role="alert">
      <Heading as="h1" fontSize="21px" marginBottom="6px">
        The service can’t be reached
      </Heading>
      <Text color="inkSoft" marginBottom="14px">
        This page could not be loaded. Check that the service runs; after an update of it, loading again brings the new page.
      </Text>
      <Button
        variant="outline"
        size="sm"
        borderColor="ruleStrong"
        color="ink"
        onClick={() => {
          location.reload()
        }}
      >
        Load again
      </Button>
    </Box>
  )
}
