import { Box, Button, Heading, Text } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import type { Loaded } from '../api/useLoaded'

/** Shows a loaded thing, or calmly says that it is on its way, or why it is not to be had. */
export function Show<T>({ of, children }: { of: Loaded<T>; children: (value: T) => ReactNode }) {
  if (of.state === 'pending') {
    return (
      <Text color="inkSoft" paddingY="24px" role="status">
        Loading …
      </Text>
    )
  }
  if (of.state === 'failed') {
    return (
      <Box paddingY="24px" role="alert" maxWidth="640px">
        <Heading as="h1" fontSize="21px" marginBottom="6px">
          {titleOf(of.refusal.status)}
        </Heading>
        <Text color="inkSoft" marginBottom="14px">
          {of.refusal.message}
        </Text>
        <Button variant="outline" size="sm" borderColor="ruleStrong" color="ink" onClick={of.retry}>
          Try again
        </Button>
      </Box>
    )
  }
  return children(of.value)
}

function titleOf(status: number): string {
  switch (status) {
    case 0:
      return 'The service can’t be reached'
    case 401:
    case 403:
      return 'This is not open to you'
    case 404:
      return 'There is no such thing'
    default:
      return 'The service could not answer'
  }
}
