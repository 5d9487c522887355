import type { Schemas } from '../api/client'
import { Figure } from './Figure'
import { percent, ratio } from './figures'

type Count = Schemas['CountDocument'] | undefined

/** A percentage, or a dash for a count that does not exist. */
export function Percent({ count }: { count: Count }) {
  return count ? <Figure title={ratio(count)}>{percent(count)}</Figure> : <Figure color="inkFaint">–</Figure>
}

/** Covered / all. */
export function Ratio({ count }: { count: Count }) {
  return count ? <Figure>{ratio(count)}</Figure> : <Figure color="inkFaint">–</Figure>
}
