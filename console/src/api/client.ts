import createClient from 'openapi-fetch'
import type { components, paths } from './schema'

export type Schemas = components['schemas']

/** What a refused request says: its status and the problem document's own words. */
export class Refusal extends Error {
  readonly status: number

  constructor(status: number, message: string) {
    super(message)
    this.status = status
  }
}

const client = createClient<paths>({ baseUrl: '/' })

interface Answer<T> {
  data?: T
  error?: unknown
  response: Response
}

function problemOf(error: unknown): string {
  if (typeof error === 'object' && error !== null && 'detail' in error && typeof error.detail === 'string') {
    return error.detail
  }
  return ''
}

async function data<T>(call: Promise<Answer<T>>): Promise<T> {
  const answer = await call.catch(() => {
    throw new Refusal(0, 'The service does not answer. Check that it runs; this page tries again by itself.')
  })
  if (answer.data === undefined) {
    const status = answer.response.status
    throw new Refusal(status, problemOf(answer.error) || `The service answers ${String(status)}.`)
  }
  return answer.data
}

export const api = {
  projects: () => data(client.GET('/api/v1/projects')),
  changes: (key: string) => data(client.GET('/api/v1/projects/{key}/changes', { params: { path: { key } } })),
  change: (key: string, number: number) =>
    data(client.GET('/api/v1/projects/{key}/changes/{number}', { params: { path: { key, number } } })),
  project: (key: string) => data(client.GET('/api/v1/projects/{key}', { params: { path: { key } } })),
  trend: (key: string, count: string, area: string | undefined) =>
    data(
      client.GET('/api/v1/projects/{key}/trend', {
        params: { path: { key }, query: { count, ...(area ? { area } : {}) } },
      }),
    ),
  commit: (key: string, commit: string) =>
    data(client.GET('/api/v1/projects/{key}/commits/{commit}', { params: { path: { key, commit } } })),
  folder: (key: string, commit: string, path: string, since: string | undefined) =>
    data(
      client.GET('/api/v1/projects/{key}/commits/{commit}/folder', {
        params: { path: { key, commit }, query: { path, ...(since ? { since } : {}) } },
      }),
    ),
  search: (key: string, text: string) =>
    data(client.GET('/api/v1/projects/{key}/search', { params: { path: { key }, query: { text } } })),
  source: (key: string, commit: string, path: string, since: string | undefined) =>
    data(
      client.GET('/api/v1/projects/{key}/commits/{commit}/source', {
        params: { path: { key, commit }, query: { path, ...(since ? { since } : {}) } },
      }),
    ),
}
