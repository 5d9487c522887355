import { Box, Text } from '@chakra-ui/react'
import type { Schemas } from '../../api/client'
import { Code, Figure } from '../../parts/Figure'
import { ago, percent, ratio } from '../../parts/figures'

type Delivery = Schemas['DeliveryDocument']
type File = Schemas['FileReceipt']

/** Every delivery for the commit with its receipt: each file, its format, what was found, and what was odd. */
export function Deliveries({ deliveries }: { deliveries: Delivery[] }) {
  if (deliveries.length === 0) {
    return <Text color="inkSoft">None: what is known of this commit came with commits of the same content.</Text>
  }
  return (
    <Box as="ul" listStyleType="none" borderTopWidth="1px" borderColor="ruleStrong">
      {deliveries.map((delivery) => (
        <DeliveryItem key={delivery.receipt.id} delivery={delivery} />
      ))}
    </Box>
  )
}

function DeliveryItem({ delivery: { receipt, counts } }: { delivery: Delivery }) {
  return (
    <Box as="li" padding="7px 0" borderBottomWidth="1px" borderColor="rule" color={counts ? 'ink' : 'inkSoft'}>
      <Box as="details">
        <Box as="summary" cursor="pointer">
          <strong>{receipt.suite}</strong> {receipt.part} · build {receipt.build}
          {receipt.attempt > 1 ? `, attempt ${String(receipt.attempt)}` : ''} · {ago(receipt.receivedAt)} ·{' '}
          {receipt.state === 'read' ? files(receipt.files.length) : (receipt.message ?? 'being read')}
          {counts ? '' : ' · a newer one took its place'}
          {receipt.doubts.length > 0 ? ` · ${String(receipt.doubts.length)} in doubt` : ''}
        </Box>
        <Box padding="6px 0 4px 14px">
          {receipt.files.map((file) => (
            <FileItem key={file.name} file={file} />
          ))}
          {receipt.doubts.map((doubt) => (
            <Text key={doubt.message}>In doubt: {doubt.message}</Text>
          ))}
          <Text color="inkSoft" fontSize="12.5px">
            Measured on <Code>{receipt.measured.slice(0, 8)}</Code>; receipt <Code>{receipt.id}</Code>
          </Text>
        </Box>
      </Box>
    </Box>
  )
}

function FileItem({ file }: { file: File }) {
  return (
    <Box marginBottom="6px">
      <Code>{file.name}</Code>
      <Text color="inkSoft" fontSize="13px">
        {file.state === 'refused' ? 'refused' : `${file.format ?? 'read'}: ${String(file.matched)} of ${files(file.sources)} found`}
        {file.lines ? (
          <>
            , <Figure>{ratio(file.lines)}</Figure> lines (<Figure>{percent(file.lines)}</Figure>)
          </>
        ) : null}
      </Text>
      {Object.entries(file.ways).map(([how, times]) => (
        <Text key={how} color="inkSoft" fontSize="13px">{`${files(times)} matched ${how}`}</Text>
      ))}
      {Object.entries(file.skipped).map(([what, times]) => (
        <Text key={what} color="inkSoft" fontSize="13px">{`${String(times)} ${what} left out`}</Text>
      ))}
      {file.problems.map((problem) => (
        <Text key={problem} fontSize="13px">
          {problem}
        </Text>
      ))}
      {file.unmatched.map((one) => (
        <Text key={one.reportedAs} fontSize="13px">
          not found: <Code>{one.reportedAs}</Code>, {one.why}
          {one.candidates.length > 0 ? ` (might be ${one.candidates.join(', ')})` : ''}
        </Text>
      ))}
    </Box>
  )
}

function files(howMany: number): string {
  return howMany === 1 ? '1 file' : `${String(howMany)} files`
}
