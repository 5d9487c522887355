import { chakra } from '@chakra-ui/react'
import { Link } from 'react-router'

export const TextLink = chakra(Link, {
  base: { color: 'link', textDecoration: 'none', '&:hover': { textDecoration: 'underline' } },
})
