import { Box, Text } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { type Schemas, api } from '../../api/client'
import { useLoaded } from '../../api/useLoaded'
import { Show } from '../../parts/Show'
import { TextLink } from '../../parts/TextLink'
import { VerdictMark } from '../../parts/VerdictMark'
import { paths } from '../../parts/paths'

const urgency = ['fail', 'undecided', 'waiting', 'warn']
const SHOWN = 7

/** Doubts of the branch, files in no report, and the open changes that do not pass. */
export function WantsALook({ project, page }: { project: string; page: Schemas['CommitPage'] }) {
  const changes = useLoaded(['changes', project], () => api.changes(project), 15)
  return (
    <Show of={changes}>
      {(all) => {
        const held = all
          .filter((change) => change.state === 'open' && change.verdict?.verdict !== 'pass')
          .sort((a, b) => rank(a.verdict?.verdict) - rank(b.verdict?.verdict) || a.number - b.number)
        const nothing = held.length === 0 && page.doubts.length === 0 && page.unmeasured.length === 0
        return (
          <Box as="ul" listStyleType="none" borderTopWidth="1px" borderColor="ruleStrong">
            {page.doubts.map((doubt) => (
              <Item key={doubt.message} verdict="undecided" title={doubt.message} detail={doubt.next} />
            ))}
            {page.unmeasured.length > 0 ? (
              <Item
                verdict="undecided"
                title={
                  <TextLink to={paths.commit(project, page.commit.commit)}>
                    {page.unmeasured.length === 1 ? '1 file is in no report' : `${String(page.unmeasured.length)} files are in no report`}
                  </TextLink>
                }
                detail={page.unmeasured.slice(0, 3).join(', ')}
              />
            ) : null}
            {held.slice(0, SHOWN).map((change) => (
              <Item
                key={change.number}
                verdict={change.verdict?.verdict ?? 'waiting'}
                title={
                  <>
                    #{change.number} <TextLink to={paths.change(project, change.number)}>{change.title}</TextLink>
                  </>
                }
                detail={(change.verdict?.headline ?? 'waiting for its first delivery').replace(/^May (not )?be merged[:,] /, '')}
              />
            ))}
            {held.length > SHOWN ? (
              <Text as="li" paddingY="6px">
                <TextLink to={paths.changes(project)}>and {held.length - SHOWN} more</TextLink>
              </Text>
            ) : null}
            {nothing ? (
              <Text as="li" color="inkSoft" paddingY="8px">
                Nothing: no doubts, and no open change is held up.
              </Text>
            ) : null}
          </Box>
        )
      }}
    </Show>
  )
}

function rank(verdict: string | undefined): number {
  const place = urgency.indexOf(verdict ?? 'waiting')
  return place < 0 ? urgency.length : place
}

function Item({ verdict, title, detail }: { verdict: string; title: ReactNode; detail: string }) {
  return (
    <Box
      as="li"
      display="grid"
      gridTemplateColumns="20px minmax(0, 1fr)"
      gap="0 12px"
      alignItems="center"
      padding="5px 0 6px"
      borderBottomWidth="1px"
      borderColor="rule"
    >
      <VerdictMark verdict={verdict} size={19} />
      <Box minWidth="0">
        <Text truncate>{title}</Text>
        <Text color="inkSoft" fontSize="13px" truncate title={detail}>
          {detail}
        </Text>
      </Box>
    </Box>
  )
}
