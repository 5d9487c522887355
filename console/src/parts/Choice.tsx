import { Box } from '@chakra-ui/react'

/** One of a few, in a row: what is chosen is underlined. */
export function Choice({
  label,
  options,
  chosen,
  choose,
}: {
  label: string
  options: { value: string; text: string }[]
  chosen: string
  choose: (value: string) => void
}) {
  return (
    <Box role="group" aria-label={label} display="flex" flexWrap="wrap" gap="4px 16px" fontSize="13px">
      {options.map(({ value, text }) => (
        <Box
          as="button"
          key={value}
          onClick={() => {
            choose(value)
          }}
          aria-pressed={chosen === value}
          color={chosen === value ? 'ink' : 'inkSoft'}
          fontWeight={chosen === value ? '600' : '400'}
          borderBottomWidth="2px"
          borderColor={chosen === value ? 'marigold' : 'transparent'}
          cursor="pointer"
        >
          {text}
        </Box>
      ))}
    </Box>
  )
}
