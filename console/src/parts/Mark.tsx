import { chakra } from '@chakra-ui/react'

/** The mark: a sun over the harbour's water. */
export function Mark() {
  return (
    <chakra.svg viewBox="0 0 28 24" width="28px" height="24px" color="link" aria-hidden="true">
      <chakra.path d="M5 13a9 9 0 0 1 18 0z" fill="marigold" />
      <path
        d="M1 17q3.25-3 6.5 0t6.5 0 6.5 0 6.5 0M4 21.5q2.5-2.4 5 0t5 0 5 0 5 0"
        fill="none"
        stroke="currentColor"
        strokeWidth="2"
      />
    </chakra.svg>
  )
}
