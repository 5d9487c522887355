import type { Schemas } from '../api/client'
import { Figure } from './Figure'
import { points } from './figures'

type Count = Schemas['CountDocument'] | undefined

/** How a share moved, in percentage points; the sign says it, the colour only helps. */
export function Points({ before, after }: { before: Count; after: Count }) {
  const moved = points(before, after)
  const colour = moved.startsWith('+') ? 'covered' : moved.startsWith('−') ? 'missed' : 'inkSoft'
  return moved === '' ? <Figure color="inkFaint">–</Figure> : <Figure color={colour}>{moved}</Figure>
}
