import type { Schemas } from '../api/client'

type Side = Schemas['SideDocument']

/** A side in words: most writers number the ways from 0, and the places of a line are told where there are several. */
export function way(side: Side, all: Side[]): string {
  const said = /^\d{1,6}$/.test(side.way) ? `side ${String(Number(side.way) + 1)}` : side.way
  const oneBlock = all.every((other) => other.listing !== side.listing || other.block === side.block)
  return oneBlock || side.block === '' ? said : `${said} of ${side.block}`
}

/** The sides with what was taken: `side 1 ✔, side 2 ✖`; listings that stay apart one after the other. */
export function ways(all: Side[]): string {
  const listings = [...new Set(all.map((one) => one.listing))]
  return listings
    .map((listing) =>
      all
        .filter((one) => one.listing === listing)
        .map((one) => `${way(one, all)} ${one.taken ? '✔' : '✖'}`)
        .join(', '),
    )
    .join('; in another listing: ')
}
