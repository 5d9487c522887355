import { useSearchParams } from 'react-router'

/** A choice that lives in the address: shared with the link, kept by the browser's way back. */
export function useChoice(name: string, otherwise: string): [string, (value: string) => void] {
  const [query, setQuery] = useSearchParams()
  const choose = (value: string) => {
    setQuery(
      (before) => {
        const after = new URLSearchParams(before)
        if (value === otherwise) {
          after.delete(name)
        } else {
          after.set(name, value)
        }
        return after
      },
      { preventScrollReset: true },
    )
  }
  return [query.get(name) ?? otherwise, choose]
}
