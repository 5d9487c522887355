import { chakra } from '@chakra-ui/react'

/** Numbers: in the mono face, tabular, never broken. */
export const Figure = chakra('span', {
  base: { fontFamily: 'mono', fontSize: '12.5px', fontVariantNumeric: 'tabular-nums', whiteSpace: 'nowrap' },
})

export const Code = chakra('code', { base: { fontFamily: 'mono', fontSize: '12.5px' } })
