import { Box, Flex, chakra } from '@chakra-ui/react'
import { Moon, Sun } from 'lucide-react'
import { Suspense } from 'react'
import { Outlet, useParams } from 'react-router'
import { useTheme } from '../theme/useTheme'
import { Mark } from './Mark'
import { TextLink } from './TextLink'

/** What surrounds every page: the mark, where one is, light or deep water. */
export function Frame() {
  const { project } = useParams()
  const { theme, toggle } = useTheme()
  return (
    <>
      <Flex as="header" align="center" gap="28px" height="48px" paddingX="28px" bg="raised" borderBottomWidth="1px" borderColor="rule">
        <TextLink to="/" display="flex" alignItems="center" gap="9px" fontWeight="700" fontSize="17px" color="ink">
          <Mark />
          Ojala
        </TextLink>
        <Box color="inkSoft" flex="1" truncate>
          {project === undefined ? 'Projects' : project}
        </Box>
        <chakra.button
          type="button"
          onClick={toggle}
          aria-label={theme === 'dark' ? 'Use light colours' : 'Use dark colours'}
          color="inkSoft"
          padding="4px"
          cursor="pointer"
        >
          {theme === 'dark' ? <Sun size={17} /> : <Moon size={17} />}
        </chakra.button>
      </Flex>
      {project === undefined ? null : (
        <Flex as="nav" aria-label="Project" gap="26px" paddingX="28px" bg="raised" borderBottomWidth="1px" borderColor="rule">
          <TextLink
            to={`/${project}/changes`}
            padding="9px 0 8px"
            fontWeight="600"
            color="ink"
            borderBottomWidth="3px"
            borderColor="marigold"
          >
            Changes
          </TextLink>
        </Flex>
      )}
      <Box as="main" maxWidth="1500px" marginX="auto" padding={{ base: '16px', md: '22px 28px 40px' }}>
        <Suspense>
          <Outlet />
        </Suspense>
      </Box>
    </>
  )
}
