import { Box, chakra } from '@chakra-ui/react'
import { useEffect, useId, useRef, useState } from 'react'
import { useNavigate } from 'react-router'
import { type Schemas, api } from '../../api/client'
import { useLoaded } from '../../api/useLoaded'
import { paths } from '../paths'

type Hit = Schemas['SearchHit']

/** Finds a file, a change or a commit by name; `/` goes there from anywhere. */
export function Search({ project }: { project: string }) {
  const [text, setText] = useState('')
  const [open, setOpen] = useState(false)
  const [at, setAt] = useState(0)
  const field = useRef<HTMLInputElement>(null)
  const list = useId()
  const navigate = useNavigate()
  useSlash(field)
  const found = useLoaded(['search', project, text.trim()], () => (text.trim() === '' ? Promise.resolve([]) : api.search(project, text.trim())), 300)
  const hits = found.state === 'ready' ? found.value : []
  const shown = open && text.trim() !== ''
  const go = (hit: Hit | undefined) => {
    if (hit) {
      setOpen(false)
      setText('')
      field.current?.blur()
      void navigate(addressOf(project, hit))
    }
  }
  const press = (event: React.KeyboardEvent) => {
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault()
      const step = event.key === 'ArrowDown' ? 1 : hits.length - 1
      setAt(hits.length === 0 ? 0 : (at + step) % hits.length)
    } else if (event.key === 'Enter') {
      go(hits[at])
    } else if (event.key === 'Escape') {
      setOpen(false)
      field.current?.blur()
    }
  }
  return (
    <Box position="relative" width={{ base: '150px', md: '300px' }}>
      <chakra.input
        ref={field}
        type="search"
        role="combobox"
        aria-label="Find a file, a change or a commit"
        aria-expanded={shown}
        aria-controls={list}
        aria-autocomplete="list"
        aria-activedescendant={shown && hits[at] ? `${list}-${String(at)}` : undefined}
        placeholder="Find a file, change or commit  /"
        value={text}
        onChange={(event) => {
          setText(event.target.value)
          setAt(0)
          setOpen(true)
        }}
        onFocus={() => {
          setOpen(true)
        }}
        onBlur={() => {
          setOpen(false)
        }}
        onKeyDown={press}
        width="100%"
        height="30px"
        paddingX="10px"
        fontSize="13px"
        bg="ground"
        color="ink"
        borderWidth="1px"
        borderColor="ruleStrong"
        borderRadius="3px"
        _placeholder={{ color: 'inkFaint' }}
      />
      <Box
        id={list}
        role="listbox"
        aria-label="Found"
        display={shown ? 'block' : 'none'}
        position="absolute"
        zIndex="10"
        top="34px"
        right="0"
        width={{ base: 'calc(100vw - 32px)', md: '520px' }}
        maxHeight="420px"
        overflowY="auto"
        bg="raised"
        borderWidth="1px"
        borderColor="ruleStrong"
        fontSize="13px"
      >
        {hits.map((hit, index) => (
          <Box
            key={`${hit.kind} ${hit.name}`}
            id={`${list}-${String(index)}`}
            role="option"
            aria-selected={index === at}
            bg={index === at ? 'sunk' : 'raised'}
            padding="5px 10px"
            cursor="pointer"
            display="grid"
            gridTemplateColumns="62px minmax(0, 1fr)"
            gap="10px"
            onMouseDown={(event) => {
              event.preventDefault()
              go(hit)
            }}
          >
            <Box color="inkSoft">{hit.kind}</Box>
            <Box truncate>{textOf(hit)}</Box>
          </Box>
        ))}
        {hits.length === 0 ? (
          <Box role="option" aria-selected={false} padding="6px 10px" color="inkSoft">
            {found.state === 'pending' ? 'Looking …' : found.state === 'failed' ? found.refusal.message : 'Nothing of that name'}
          </Box>
        ) : null}
      </Box>
    </Box>
  )
}

/** `/` puts the cursor into the field, unless one is being typed into already. */
function useSlash(field: React.RefObject<HTMLInputElement | null>) {
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const typing = event.target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName)
      if (event.key === '/' && !typing && !event.ctrlKey && !event.metaKey && !event.altKey) {
        event.preventDefault()
        field.current?.focus()
      }
    }
    document.addEventListener('keydown', listen)
    return () => {
      document.removeEventListener('keydown', listen)
    }
  }, [field])
}

function addressOf(project: string, hit: Hit): string {
  switch (hit.kind) {
    case 'file':
      return paths.source(project, hit.commit ?? '', hit.name)
    case 'change':
      return paths.change(project, hit.name)
    default:
      return paths.commit(project, hit.name)
  }
}

function textOf(hit: Hit): string {
  switch (hit.kind) {
    case 'file':
      return hit.detail === 'measured' ? hit.name : `${hit.name} (${hit.detail})`
    case 'change':
      return `#${hit.name} ${hit.detail}`
    default:
      return `${hit.name.slice(0, 8)} ${hit.detail}`
  }
}
