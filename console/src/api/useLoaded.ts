import { useQuery } from '@tanstack/react-query'
import { Refusal } from './client'

/** A thing from the service: still on its way, failed, or here. */
export type Loaded<T> =
  | { state: 'pending' }
  | { state: 'failed'; refusal: Refusal; retry: () => void }
  | { state: 'ready'; value: T }

/** Loads a thing and keeps it fresh while the page is looked at. */
export function useLoaded<T>(key: readonly unknown[], load: () => Promise<T>, refreshSeconds: number): Loaded<T> {
  const query = useQuery({
    queryKey: key,
    queryFn: load,
    refetchInterval: refreshSeconds * 1000,
    retry: (failures, error) => failures < 2 && !(error instanceof Refusal && error.status >= 400 && error.status < 500),
  })
  if (query.data !== undefined) {
    return { state: 'ready', value: query.data }
  }
  if (query.error) {
    const refusal = query.error instanceof Refusal ? query.error : new Refusal(0, query.error.message)
    return { state: 'failed', refusal, retry: () => void query.refetch() }
  }
  return { state: 'pending' }
}
