import { Box, Heading } from '@chakra-ui/react'
import type { ReactNode } from 'react'

/** A part of a page under a small heading. */
export function Section({ title, children }: { title: ReactNode; children: ReactNode }) {
  return (
    <Box as="section" marginTop="26px">
      <Heading as="h2" fontSize="12.5px" fontWeight="650" letterSpacing="0.02em" lineHeight="1.4" color="inkSoft" marginBottom="8px">
        {title}
      </Heading>
      {children}
    </Box>
  )
}
