import { Box, Heading, Text } from '@chakra-ui/react'
import { useRef } from 'react'
import { useVirtualizer } from '@tanstack/react-virtual'
import { useParams, useSearchParams } from 'react-router'
import { type Schemas, api } from '../../api/client'
import { useLoaded } from '../../api/useLoaded'
import { Code } from '../../parts/Figure'
import { Show } from '../../parts/Show'
import { TextLink } from '../../parts/TextLink'
import { VerdictMark } from '../../parts/VerdictMark'
import { ago } from '../../parts/figures'

type Change = Schemas['ChangeSummary']

/** Which pull requests are held up, and by what. */
export function ChangesPage() {
  const { project = '' } = useParams()
  const [query, setQuery] = useSearchParams()
  const state = query.get('state') ?? 'open'
  const changes = useLoaded(['changes', project], () => api.changes(project), 5)
  return (
    <>
      <Heading as="h1" fontSize="21px" marginBottom="12px">
        Changes
      </Heading>
      <Box role="group" aria-label="Which changes" display="flex" gap="18px" marginBottom="12px">
        {['open', 'merged', 'closed'].map((one) => (
          <Box
            as="button"
            key={one}
            onClick={() => {
              setQuery({ state: one })
            }}
            aria-pressed={state === one}
            color={state === one ? 'ink' : 'inkSoft'}
            fontWeight={state === one ? '600' : '400'}
            borderBottomWidth="2px"
            borderColor={state === one ? 'marigold' : 'transparent'}
            cursor="pointer"
          >
            {one}
          </Box>
        ))}
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
          <TextLink to={`/${project}/changes/${String(change.number)}`} fontWeight="600">
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
