import { Box, Flex, chakra } from '@chakra-ui/react'
import { Moon, Sun } from 'lucide-react'
import { Suspense } from 'react'
import { Outlet, useLocation, useParams } from 'react-router'
import { useTheme } from '../theme/useTheme'
import { Mark } from './Mark'
import { TextLink } from './TextLink'
import { paths } from './paths'
import { Search } from './search/Search'

/** What surrounds every page: the mark, where one is, the search, light or deep water. */
export function Frame() {
  const { project } = useParams()
  const { theme, toggle } = useTheme()
  return (
    <>
      <Flex as="header" align="center" gap={{ base: '14px', md: '28px' }} height="48px" paddingX={{ base: '16px', md: '28px' }} bg="raised" borderBottomWidth="1px" borderColor="rule">
        <TextLink to="/" display="flex" alignItems="center" gap="9px" fontWeight="700" fontSize="17px" color="ink">
          <Mark />
          Ojala
        </TextLink>
        <Box color="inkSoft" flex="1" truncate>
          {project === undefined ? 'Projects' : project}
        </Box>
        {project === undefined ? null : <Search project={project} />}
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
      {project === undefined ? null : <Tabs project={project} />}
      <Box as="main" maxWidth="1500px" marginX="auto" padding={{ base: '16px', md: '22px 28px 40px' }}>
        <Suspense>
          <Outlet />
        </Suspense>
      </Box>
    </>
  )
}

function Tabs({ project }: { project: string }) {
  const { pathname } = useLocation()
  const tabs = [
    { to: paths.now(project), text: 'Now', here: pathname === paths.now(project) },
    { to: paths.changes(project), text: 'Changes', here: pathname.startsWith(paths.changes(project)) },
  ]
  return (
    <Flex as="nav" aria-label="Project" gap="26px" paddingX={{ base: '16px', md: '28px' }} bg="raised" borderBottomWidth="1px" borderColor="rule">
      {tabs.map(({ to, text, here }) => (
        <TextLink
          key={to}
          to={to}
          aria-current={here ? 'page' : undefined}
          padding="9px 0 8px"
          fontWeight={here ? '600' : '400'}
          color={here ? 'ink' : 'inkSoft'}
          borderBottomWidth="3px"
          borderColor={here ? 'marigold' : 'transparent'}
        >
          {text}
        </TextLink>
      ))}
    </Flex>
  )
}
