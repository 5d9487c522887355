import { Box } from '@chakra-ui/react'
import { useVirtualizer } from '@tanstack/react-virtual'
import { useRef } from 'react'
import type { Schemas } from '../../api/client'
import { Figure } from '../../parts/Figure'
import { Points } from '../../parts/Points'
import { TextLink } from '../../parts/TextLink'
import { VerdictMark } from '../../parts/VerdictMark'
import { day, percent, ratio } from '../../parts/figures'
import { paths } from '../../parts/paths'

const ROW = 30

/** The trend as a list, newest first, of any length. */
export function TrendTable({ project, points }: { project: string; points: Schemas['TrendPoint'][] }) {
  const scroller = useRef<HTMLDivElement>(null)
  const rows = useVirtualizer({
    count: points.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW,
    overscan: 10,
  })
  return (
    <Box ref={scroller} height="280px" overflowY="auto" tabIndex={0} role="region" aria-label="Commits of the trend" borderTopWidth="1px" borderColor="ruleStrong">
      <Box as="ul" position="relative" height={`${String(rows.getTotalSize())}px`} listStyleType="none">
        {rows.getVirtualItems().map((item) => {
          const index = points.length - 1 - item.index
          const point = points[index]
          return point ? (
            <Box
              as="li"
              key={point.commit.commit}
              position="absolute"
              left="0"
              right="0"
              height={`${String(ROW)}px`}
              transform={`translateY(${String(item.start)}px)`}
              display="grid"
              gridTemplateColumns="18px 84px minmax(0, 1fr) 64px 84px 56px"
              alignItems="center"
              gap="0 10px"
              borderBottomWidth="1px"
              borderColor="rule"
              fontSize="13px"
            >
              <VerdictMark verdict={point.verdict} size={15} />
              <span>{day(point.commit.committedAt)}</span>
              <Box truncate>
                <TextLink to={paths.commit(project, point.commit.commit)}>{point.commit.subject}</TextLink>
                {point.doubts.length > 0 ? ` · in doubt: ${point.doubts.join(', ')}` : ''}
              </Box>
              <Figure textAlign="right">{percent(point.count)}</Figure>
              <Figure textAlign="right">{ratio(point.count)}</Figure>
              <Box textAlign="right">
                <Points before={points[index - 1]?.count} after={point.count} />
              </Box>
            </Box>
          ) : null
        })}
      </Box>
    </Box>
  )
}
