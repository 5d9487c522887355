import { Box, Heading, Text } from '@chakra-ui/react'
import { useRef } from 'react'
import { useVirtualizer } from '@tanstack/react-virtual'
import { useParams } from 'react-router'
import { type Schemas, api } from '../../api/client'
import { useLoaded } from '../../api/useLoaded'
import { Choice } from '../../parts/Choice'
import { Code } from '../../parts/Figure'
import { Show } from '../../parts/Show'
import { TextLink } from '../../parts/TextLink'
import { VerdictMark } from '../../parts/VerdictMark'
import { ago } from '../../parts/figures'
import { paths } from '../../parts/paths'
import { useChoice } from '../../parts/useChoice'

type Change = Schemas['ChangeSummary']

const states = ['open', 'merged', 'closed'].map((value) => ({ value, text: value }))

/** Which pull requests are held up, and by what. */
export function ChangesPage() {
  const { project = '' } = useParams()
  const [state, setState] = useChoice('state', 'open')
  const changes = useLoaded(['changes', project], () => api.changes(project), 5)
  return (
    <>
      <Heading as="h1" fontSize="21px" marginBottom="12px">
        Changes
      </Heading>
      <Box marginBottom="12px">
        <Choice label="Which changes" options={states} chosen={state} choose={setState} />
      </Box>
      <Show of={changes}>{(all) => <ChangeList project={project} changes={all.filter((one) => one.state === state)} />}</Show>
    </>
  )
}

function ChangeList({ project, changes }: { project: string; changes: Change[] }) {
  const scroller = useRef<HTMLDivElement>(null)
  const rows = useVirtualizer({
    count: changes.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => 58,
    overscan: 12,
  })
  if (changes.length === 0) {
    return <Text color="inkSoft">None. The code host tells the service of pull requests as they are opened.</Text>
  }
  return (
    <Box ref={scroller} maxHeight="calc(100vh - 210px)" overflowY="auto" tabIndex={0} borderTopWidth="1px" borderColor="ruleStrong">
      <Box as="ul" position="relative" height={`${String(rows.getTotalSize())}px`} listStyleType="none">
        {rows.getVirtualItems().map((item) => {
          const change = changes[item.index]
          return change ? (
            <ChangeRow key={change.number} project={project} change={change} top={item.start} height={item.size} />
          ) : null
        })}
      </Box>
    </Box>
  )
}

function ChangeRow({ project, change, top, height }: { project: string; change: Change; top: number; height: number }) {
  return (
    <Box
      as="li"
      position="absolute"
      left="0"
      right="0"
      transform={`translateY(${String(top)}px)`}
      height={`${String(height)}px`}
      display="grid"
      gridTemplateColumns="34px minmax(0, 1fr) auto"
      alignItems="center"
      gap="0 12px"
      borderBottomWidth="1px"
      borderColor="rule"
    >
      <VerdictMark verdict={change.verdict?.verdict ?? 'waiting'} size={22} />
      <Box minWidth="0">
        <Box truncate>
          <TextLink to={paths.change(project, change.number)} fontWeight="600">
            #{change.number} {change.title}
          </TextLink>
        </Box>
        <Text color="inkSoft" truncate>
          {change.verdict?.headline ?? 'waiting for its first delivery'}
        </Text>
      </Box>
      <Text color="inkFaint" fontSize="12.5px" textAlign="right" hideBelow="md">
        <Code>
          {change.source} → {change.target}
        </Code>
        <br />
        {ago(change.updatedAt)}
      </Text>
    </Box>
  )
}
