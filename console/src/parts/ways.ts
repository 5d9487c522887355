import type { Schemas } from '../api/client'

type Side = Schemas['SideDocument']

/** A side in words: most writers number the ways from 0, and the places of a line are told where there are several. */
export function way(side: Side, all: Side[]): string {
  const said = /^\d{1,6}$/.test(side.way) ? `side ${String(Number(side.way) + 1)}` : side.way
  const oneBlock = all.every((other) => other.block === side.block)
  return oneBlock || side.block === '' ? said : `${said} of ${side.block}`
}
