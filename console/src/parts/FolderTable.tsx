import { Box, Text } from '@chakra-ui/react'
import { useVirtualizer } from '@tanstack/react-virtual'
import { useRef } from 'react'
import type { Schemas } from '../api/client'
import { Bar } from './Bar'
import { Choice } from './Choice'
import { Points } from './Points'
import { Percent, Ratio } from './Share'
import { TextLink } from './TextLink'
import { useChoice } from './useChoice'
import { paths } from './paths'

type Entry = Schemas['FolderEntry']
type Folder = Schemas['FolderDocument']

const orders = [
  { value: 'name', text: 'by name' },
  { value: 'missed', text: 'most missed first' },
  { value: 'share', text: 'least covered first' },
]

/** Every count but the lines, in the order in which they are told. */
const OTHERS = ['statements', 'instructions', 'branches', 'functions', 'mcdc', 'calls', 'complexity']

/** These are there in narrow windows too. */
const USUAL = ['branches', 'functions']

const ROW = 34
const MOST_ROWS = 16

/** A folder's folders and files with the counts that exist; of any length. */
export function FolderTable({ project, folder, compared }: { project: string; folder: Folder; compared: string | undefined }) {
  const [sort, chooseSort] = useChoice('sort', 'name')
  const scroller = useRef<HTMLDivElement>(null)
  const entries = sorted(folder.entries, sort)
  const rows = useVirtualizer({
    count: entries.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW,
    overscan: 12,
  })
  const others = OTHERS.filter((name) => USUAL.includes(name) || entries.some((entry) => entry.counts[name] !== undefined))
  const last = compared !== undefined ? ' 76px' : entries.some((entry) => entry.kind === 'file') ? ' minmax(70px, 2fr)' : ''
  const columns = {
    base: 'minmax(0, 1fr) 76px',
    md: `minmax(110px, 3fr) minmax(70px, 2fr) 76px 108px 76px 76px${last}`,
    xl: `minmax(110px, 3fr) minmax(60px, 2fr) 70px 96px${' 78px'.repeat(others.length)}${last}`,
  }
  return (
    <>
      <Box role="table" aria-label="Folders and files" aria-rowcount={entries.length + 1}>
      <Box role="rowgroup">
        <Box role="row" display="grid" gridTemplateColumns={columns} gap="0 14px" color="inkSoft" fontSize="12.5px" paddingBottom="4px">
          <span role="columnheader">Name</span>
          <Box as="span" role="columnheader" hideBelow="md">
            Lines
          </Box>
          <Right>%</Right>
          <Right wide>covered / all</Right>
          {others.map((name) => (
            <Box as="span" key={name} role="columnheader" textAlign="right" hideBelow={USUAL.includes(name) ? 'md' : 'xl'}>
              {name}
            </Box>
          ))}
          {last === '' ? null : compared === undefined ? (
            <Box as="span" role="columnheader" hideBelow="md">
              missed lines
            </Box>
          ) : (
            <Right wide>{compared}</Right>
          )}
        </Box>
      </Box>
      <Box
        ref={scroller}
        role="rowgroup"
        tabIndex={entries.length > MOST_ROWS ? 0 : undefined}
        maxHeight={`${String(MOST_ROWS * ROW)}px`}
        overflowY="auto"
        borderTopWidth="1px"
        borderColor="ruleStrong"
      >
        <Box role="presentation" position="relative" height={`${String(rows.getTotalSize())}px`}>
          {rows.getVirtualItems().map((item) => {
            const entry = entries[item.index]
            return entry ? (
              <Box
                role="row"
                key={entry.path}
                position="absolute"
                left="0"
                right="0"
                height={`${String(ROW)}px`}
                transform={`translateY(${String(item.start)}px)`}
                display="grid"
                gridTemplateColumns={columns}
                alignItems="center"
                gap="0 14px"
                borderBottomWidth="1px"
                borderColor="rule"
                _hover={{ bg: 'sunk' }}
              >
                <EntryCells
                  project={project}
                  commit={folder.commit}
                  entry={entry}
                  compared={compared}
                  others={others}
                  missed={last !== ''}
                />
              </Box>
            ) : null
          })}
        </Box>
      </Box>
      </Box>
      {entries.length > 3 ? (
        <Box marginTop="8px">
          <Choice label="Order" options={orders} chosen={sort} choose={chooseSort} />
        </Box>
      ) : null}
    </>
  )
}

function EntryCells({
  project,
  commit,
  entry,
  compared,
  others,
  missed,
}: {
  project: string
  commit: string
  entry: Entry
  compared: string | undefined
  others: string[]
  missed: boolean
}) {
  const lines = entry.counts['lines']
  const to = entry.kind === 'folder' ? paths.commit(project, commit, entry.path) : paths.source(project, commit, entry.path)
  return (
    <>
      <Box role="cell" display="flex" gap="6px" alignItems="baseline" minWidth="0">
        <TextLink to={to} truncate flexShrink={0} maxWidth="100%">
          {entry.kind === 'folder' ? `${entry.name}/` : entry.name}
        </TextLink>
        <Text as="span" color="inkFaint" fontSize="12.5px" truncate>
          {remark(entry)}
        </Text>
      </Box>
      <Box role="cell" hideBelow="md">
        {lines ? <Bar covered={lines.covered} total={lines.total} /> : null}
      </Box>
      <Box role="cell" textAlign="right">
        <Percent count={lines} />
      </Box>
      <Box role="cell" textAlign="right" hideBelow="md">
        <Ratio count={lines} />
      </Box>
      {others.map((name) => (
        <Box key={name} role="cell" textAlign="right" hideBelow={USUAL.includes(name) ? 'md' : 'xl'}>
          <Percent count={entry.counts[name]} />
        </Box>
      ))}
      {!missed ? null : compared === undefined ? (
        <Box role="cell" hideBelow="md" truncate fontFamily="mono" fontSize="12.5px" title={entry.missed}>
          {entry.missed?.replaceAll(',', ', ')}
        </Box>
      ) : (
        <Box role="cell" textAlign="right" hideBelow="md">
          <Points before={entry.before?.['lines']} after={lines} />
        </Box>
      )}
    </>
  )
}

function remark(entry: Entry): string {
  if (entry.standing === 'excluded') {
    return `excluded: ${entry.because ?? ''}`
  }
  if (entry.standing === 'unmeasured') {
    return 'in no report'
  }
  const parts = [
    entry.kind === 'folder' && entry.unmeasured > 0 ? `${String(entry.unmeasured)} in no report` : '',
    entry.kind === 'folder' && entry.excluded > 0 ? `${String(entry.excluded)} excluded` : '',
  ].filter((part) => part !== '')
  return parts.join(', ')
}

function sorted(entries: Entry[], by: string): Entry[] {
  const missed = (entry: Entry) => (entry.counts['lines']?.total ?? 0) - (entry.counts['lines']?.covered ?? 0)
  const share = (entry: Entry) => {
    const lines = entry.counts['lines']
    return lines && lines.total > 0 ? lines.covered / lines.total : 2
  }
  switch (by) {
    case 'missed':
      return [...entries].sort((a, b) => missed(b) - missed(a))
    case 'share':
      return [...entries].sort((a, b) => share(a) - share(b))
    default:
      return entries
  }
}

function Right({ children, wide = false }: { children: string; wide?: boolean }) {
  return (
    <Box as="span" role="columnheader" textAlign="right" {...(wide ? { hideBelow: 'md' } : {})}>
      {children}
    </Box>
  )
}
