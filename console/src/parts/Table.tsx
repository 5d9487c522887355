import { chakra } from '@chakra-ui/react'

/** A table held together by hairlines and alignment. */
export const Table = chakra('table', { base: { width: '100%', borderCollapse: 'collapse' } })

export const Row = chakra('tr', { base: { '&:hover > td': { bg: 'sunk' } } })

export const Head = chakra('th', {
  base: {
    fontWeight: '500',
    fontSize: '12.5px',
    color: 'inkSoft',
    textAlign: 'left',
    padding: '4px 12px 5px 0',
    borderBottomWidth: '1px',
    borderColor: 'ruleStrong',
  },
})

export const Cell = chakra('td', {
  base: { padding: '6px 12px 6px 0', borderBottomWidth: '1px', borderColor: 'rule', verticalAlign: 'middle' },
})
