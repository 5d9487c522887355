import { chakra } from '@chakra-ui/react'

const shapes: Record<string, { color: string; draw: React.ReactNode }> = {
  pass: {
    color: 'covered',
    draw: (
      <>
        <circle cx="12" cy="12" r="10" fill="currentColor" />
        <path d="M7 12.5l3.4 3.4L17 9" fill="none" stroke="var(--chakra-colors-raised)" strokeWidth="2.4" />
      </>
    ),
  },
  warn: {
    color: 'partial',
    draw: (
      <>
        <path d="M12 2.5L22.5 21h-21z" fill="currentColor" />
        <path d="M12 9v6M12 17v2.2" stroke="var(--chakra-colors-raised)" strokeWidth="2.4" />
      </>
    ),
  },
  fail: {
    color: 'missed',
    draw: (
      <>
        <path d="M8 2h8l6 6v8l-6 6H8l-6-6V8z" fill="currentColor" />
        <path d="M6.5 12h11" stroke="var(--chakra-colors-raised)" strokeWidth="3" />
      </>
    ),
  },
  waiting: {
    color: 'inkSoft',
    draw: (
      <>
        <circle cx="12" cy="12" r="9.2" fill="none" stroke="currentColor" strokeWidth="1.8" />
        <path d="M12 3a9 9 0 0 1 0 18z" fill="currentColor" />
      </>
    ),
  },
  undecided: {
    color: 'ink',
    draw: (
      <>
        <path d="M12 1.8L22.2 12 12 22.2 1.8 12z" fill="none" stroke="currentColor" strokeWidth="1.8" />
        <path
          d="M7 10.4c1.7-1.7 3.3-1.7 5 0s3.3 1.7 5 0M7 14.6c1.7-1.7 3.3-1.7 5 0s3.3 1.7 5 0"
          fill="none"
          stroke="currentColor"
          strokeWidth="1.6"
        />
      </>
    ),
  },
}

const words: Record<string, string> = { doubted: 'undecided', 'not-judged': 'waiting' }

/** The glyph of a verdict or of a rule's outcome; each has a shape of its own. */
export function VerdictMark({ verdict, size }: { verdict: string; size: number }) {
  const shape = shapes[words[verdict] ?? verdict] ?? shapes['undecided']
  return (
    <chakra.svg
      viewBox="0 0 24 24"
      width={`${String(size)}px`}
      height={`${String(size)}px`}
      color={shape?.color}
      flexShrink={0}
      role="img"
      aria-label={verdict}
    >
      {shape?.draw}
    </chakra.svg>
  )
}
