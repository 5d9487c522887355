import { Fragment } from 'react'
import { TextLink } from '../../parts/TextLink'
import { paths } from '../../parts/paths'

/** The way from the commit's root to a folder; each step is a link. */
export function Crumbs({ project, commit, path }: { project: string; commit: string; path: string }) {
  const names = path === '' ? [] : path.split('/')
  return (
    <>
      <TextLink to={paths.commit(project, commit)}>all files</TextLink>
      {names.map((name, index) => (
        <Fragment key={names.slice(0, index + 1).join('/')}>
          {' › '}
          <TextLink to={paths.commit(project, commit, names.slice(0, index + 1).join('/'))}>{name}</TextLink>
        </Fragment>
      ))}
    </>
  )
}
