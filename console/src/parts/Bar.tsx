import { Box, chakra, useRecipe } from '@chakra-ui/react'

/** Covered against missed, to scale; the tick is the bound that a rule sets, in percent. */
export function Bar({ covered, total, bound }: { covered: number; total: number; bound?: number | undefined }) {
  const recipe = useRecipe({ key: 'bar' })
  const share = total === 0 ? 0 : (covered / total) * 100
  return (
    <Box position="relative" display="flex" width="100%" aria-hidden="true" minWidth="60px">
      <chakra.i css={recipe({ state: 'covered' })} width={`${String(share)}%`} />
      <chakra.i css={recipe({ state: 'missed' })} width={`${String(total === 0 ? 0 : 100 - share)}%`} />
      {bound === undefined ? null : (
        <Box position="absolute" top="-4px" bottom="-4px" width="2px" bg="ink" left={`${String(bound)}%`} />
      )}
    </Box>
  )
}
