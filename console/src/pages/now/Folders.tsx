import { type Schemas, api } from '../../api/client'
import { useLoaded } from '../../api/useLoaded'
import { FolderTable } from '../../parts/FolderTable'
import { Show } from '../../parts/Show'

/** The top folders of the branch, with what a week did to them. */
export function Folders({ project }: { project: Schemas['ProjectDocument'] }) {
  const head = project.branch?.head ?? ''
  const trend = useLoaded(['trend', project.key, 'lines', ''], () => api.trend(project.key, 'lines', undefined), 30)
  const since = trend.state === 'ready' ? weekBefore(trend.value, head) : undefined
  const folder = useLoaded(['folder', project.key, head, '', since], () => api.folder(project.key, head, '', since), 60)
  return <Show of={folder}>{(found) => <FolderTable project={project.key} folder={found} compared="7 days" />}</Show>
}

/** The newest commit that was a week old when the head was made. */
function weekBefore(trend: Schemas['TrendDocument'], head: string): string | undefined {
  const newest = trend.points.find((point) => point.commit.commit === head)
  if (newest === undefined) {
    return undefined
  }
  const from = new Date(newest.commit.committedAt).getTime() - 7 * 86_400_000
  return trend.points.filter((point) => new Date(point.commit.committedAt).getTime() < from).at(-1)?.commit.commit
}
