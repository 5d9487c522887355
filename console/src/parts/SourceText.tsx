import { Box } from '@chakra-ui/react'
import { useWindowVirtualizer } from '@tanstack/react-virtual'
import { useEffect, useMemo, useRef, useState } from 'react'
import type { Schemas } from '../api/client'
import { SourceLine } from './SourceLine'
import { linesOf } from './figures'
import { type Token, highlight } from './highlight'

type Source = Schemas['SourceDocument']

const LINE_HEIGHT = 21

/** A source's text with what reaches each line; `shown` limits it to some lines. Only what is in sight is drawn. */
export function SourceText({ source, shown, selected }: { source: Source; shown?: Set<number>; selected?: number | undefined }) {
  const text = source.text ?? ''
  const plain = useMemo(() => text.replace(/\n$/, '').split(/\r?\n/), [text])
  const tokens = useTokens(text, source.path)
  const measured = useMemo(() => new Map(source.lines.map((line) => [line.line, line])), [source.lines])
  const changed = useMemo(() => linesOf(source.changed), [source.changed])
  const numbers = useMemo(
    () => plain.map((_, index) => index + 1).filter((line) => shown === undefined || shown.has(line)),
    [plain, shown],
  )
  const top = useRef<HTMLDivElement>(null)
  const [offset, setOffset] = useState(0)
  const rows = useWindowVirtualizer({
    count: numbers.length,
    estimateSize: () => LINE_HEIGHT,
    overscan: 40,
    scrollMargin: offset,
  })
  useEffect(() => {
    setOffset(top.current?.offsetTop ?? 0)
  }, [])
  useEffect(() => {
    const index = selected === undefined ? -1 : numbers.indexOf(selected)
    if (index >= 0) {
      rows.scrollToIndex(index, { align: 'center' })
    }
  }, [selected, numbers, rows])
  return (
    <Box ref={top} borderTopWidth="1px" borderColor="ruleStrong" marginTop="6px" overflowX="auto" tabIndex={0} role="region" aria-label={source.path}>
      <Box position="relative" height={`${String(rows.getTotalSize())}px`} minWidth="520px">
        {rows.getVirtualItems().map((item) => {
          const line = numbers[item.index] ?? 0
          const before = numbers[item.index - 1]
          return (
            <Box key={line} position="absolute" left="0" right="0" transform={`translateY(${String(item.start - offset)}px)`}>
              <SourceLine
                number={line}
                tokens={tokens?.[line - 1] ?? [{ text: plain[line - 1] ?? '', kind: 'plain' }]}
                measured={measured.get(line)}
                changed={changed.has(line)}
                selected={line === selected}
                gap={before !== undefined && before !== line - 1}
              />
            </Box>
          )
        })}
      </Box>
    </Box>
  )
}

function useTokens(text: string, path: string): Token[][] | undefined {
  const [tokens, setTokens] = useState<Token[][]>()
  useEffect(() => {
    let wanted = true
    void highlight(text, path).then((found) => {
      if (wanted) {
        setTokens(found)
      }
    })
    return () => {
      wanted = false
    }
  }, [text, path])
  return tokens
}
