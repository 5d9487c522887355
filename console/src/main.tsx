import '@fontsource/atkinson-hyperlegible-next/latin-400.css'
import '@fontsource/atkinson-hyperlegible-next/latin-600.css'
import '@fontsource/atkinson-hyperlegible-next/latin-700.css'
import '@fontsource/ibm-plex-mono/latin-400.css'
import '@fontsource/ibm-plex-mono/latin-600.css'
import { ChakraProvider } from '@chakra-ui/react'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode, lazy } from 'react'
import { createRoot } from 'react-dom/client'
import { createBrowserRouter } from 'react-router'
import { RouterProvider } from 'react-router/dom'
import { Frame } from './parts/Frame'
import { NoSuchPage } from './parts/NoSuchPage'
import { PageFailed } from './parts/PageFailed'
import { system } from './theme/system'

const ProjectsPage = lazy(() => import('./pages/projects/ProjectsPage').then((m) => ({ default: m.ProjectsPage })))
const NowPage = lazy(() => import('./pages/now/NowPage').then((m) => ({ default: m.NowPage })))
const CommitPage = lazy(() => import('./pages/commit/CommitPage').then((m) => ({ default: m.CommitPage })))
const ChangesPage = lazy(() => import('./pages/changes/ChangesPage').then((m) => ({ default: m.ChangesPage })))
const ChangePage = lazy(() => import('./pages/change/ChangePage').then((m) => ({ default: m.ChangePage })))
const SourcePage = lazy(() => import('./pages/source/SourcePage').then((m) => ({ default: m.SourcePage })))

/** The pages, one row each. */
const router = createBrowserRouter([
  {
    element: <Frame />,
    errorElement: <PageFailed />,
    children: [
      { path: '/', element: <ProjectsPage /> },
      { path: '/:project', element: <NowPage /> },
      { path: '/:project/changes', element: <ChangesPage /> },
      { path: '/:project/changes/:number', element: <ChangePage /> },
      { path: '/:project/commits/:commit', element: <CommitPage /> },
      { path: '/:project/commits/:commit/files/*', element: <SourcePage /> },
      { path: '*', element: <NoSuchPage /> },
    ],
  },
])

const root = document.getElementById('root')
if (root) {
  createRoot(root).render(
    <StrictMode>
      <ChakraProvider value={system}>
        <QueryClientProvider client={new QueryClient()}>
          <RouterProvider router={router} />
        </QueryClientProvider>
      </ChakraProvider>
    </StrictMode>,
  )
}
