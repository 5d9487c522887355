import { Box, Text } from '@chakra-ui/react'
import type { Schemas } from '../../api/client'

/** What is not to be trusted or still to come, each with the next step. */
export function Doubts({ verdict }: { verdict: Schemas['VerdictDocument'] }) {
  const notes = [
    ...verdict.doubts.map((doubt) => ({ key: doubt.message, text: doubt.message, next: doubt.next })),
    ...verdict.awaited.map((one) => ({
      key: one.suite + one.missing,
      text: `Awaited: ${one.suite}, ${one.missing}.`,
      next: one.until ? `Waiting ends ${new Date(one.until).toLocaleString('en', { timeZone: 'UTC' })} UTC.` : '',
    })),
  ]
  return notes.map((note) => (
    <Box key={note.key} padding="9px 12px" bg="sunk" borderLeftWidth="3px" borderColor="marigold" marginTop="12px">
      <Text>{note.text}</Text>
      <Text color="inkSoft">{note.next}</Text>
    </Box>
  ))
}
