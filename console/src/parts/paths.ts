/** The addresses of the console's pages. */
const at = (project: string) => `/${encodeURIComponent(project)}`

const encoded = (path: string) => path.split('/').map(encodeURIComponent).join('/')

export const paths = {
  now: at,
  changes: (project: string) => `${at(project)}/changes`,
  change: (project: string, number: number | string) => `${at(project)}/changes/${String(number)}`,
  commit: (project: string, commit: string, folder = '') =>
    `${at(project)}/commits/${commit}${folder === '' ? '' : `?in=${encodeURIComponent(folder)}`}`,
  source: (project: string, commit: string, path: string) => `${at(project)}/commits/${commit}/files/${encoded(path)}`,
}
