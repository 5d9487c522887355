import type { Schemas } from '../../api/client'

/** The address of a file at a change's head, its changed lines marked; a line may be named. */
export function sourcePath(project: string, verdict: Schemas['VerdictDocument'], path: string, line?: number): string {
  const file = path.split('/').map(encodeURIComponent).join('/')
  const since = verdict.change.mergeBase ? `?since=${verdict.change.mergeBase}` : ''
  return `/${project}/commits/${verdict.head ?? ''}/files/${file}${since}${line === undefined ? '' : `#L${String(line)}`}`
}
