import { Heading, Text } from '@chakra-ui/react'
import { TextLink } from './TextLink'

export function NoSuchPage() {
  return (
    <>
      <Heading as="h1" fontSize="21px">
        There is no such page
      </Heading>
      <Text color="inkSoft">
        Begin at <TextLink to="/">the projects</TextLink>.
      </Text>
    </>
  )
}
