import { Box, Text } from '@chakra-ui/react'
import type { Schemas } from '../../api/client'
import { Code, Figure } from '../../parts/Figure'
import { TextLink } from '../../parts/TextLink'
import { VerdictMark } from '../../parts/VerdictMark'
import { ago, percent, points } from '../../parts/figures'
import { paths } from '../../parts/paths'

const sentences: Record<string, string> = {
  pass: 'holds its gate',
  warn: 'holds its gate, with a warning',
  fail: 'does not hold its gate',
  waiting: 'is still being measured',
  undecided: 'can’t be judged',
}

/** The sentence first: whether the branch holds its gate, how much is covered, how that moved. */
export function Standing({ project, page }: { project: Schemas['ProjectDocument']; page: Schemas['CommitPage'] }) {
  const verdict = project.branch?.verdict ?? 'waiting'
  const lines = page.counts['lines']
  const covered = lines ? `${percent(lines)} of lines are covered` : 'Nothing is measured'
  const moved = points(project.weekBefore, lines)
  return (
    <Box
      display="grid"
      gridTemplateColumns={{ base: '36px 1fr', md: '52px 1fr auto' }}
      alignItems="center"
      gap="0 16px"
      padding="8px 0 18px"
      borderBottomWidth="1px"
      borderColor="ruleStrong"
    >
      <VerdictMark verdict={verdict} size={38} />
      <Box minWidth="0">
        <Text as="h1" fontSize="18px" fontWeight="600" lineHeight="1.35">
          {`${project.defaultBranch} ${sentences[verdict] ?? verdict}. ${covered}${moved === '' ? '' : `, ${inWords(moved)}`}.`}
        </Text>
        <Text color="inkSoft" marginTop="2px">
          <TextLink to={paths.commit(project.key, page.commit.commit)}>
            <Code>{page.commit.commit.slice(0, 8)}</Code> {page.commit.subject}
          </TextLink>{' '}
          · {page.suites.map((suite) => suite.suite).join(', ')} · {ago(project.branch?.decidedAt ?? page.commit.committedAt)}
        </Text>
      </Box>
      <Text hideBelow="md" textAlign="right">
        {lines ? (
          <>
            <Figure fontSize="27px">{lines.covered.toLocaleString('en')}</Figure>{' '}
            <Figure fontSize="15px" color="inkSoft">
              / {lines.total.toLocaleString('en')} lines
            </Figure>
          </>
        ) : null}
      </Text>
    </Box>
  )
}

function inWords(moved: string): string {
  if (moved.startsWith('+')) {
    return `${moved.slice(1)} points up this week`
  }
  return moved.startsWith('−') ? `${moved.slice(1)} points down this week` : 'as a week before'
}
