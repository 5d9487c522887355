@@ 1-
/** A ship as the port's register knows it; lengths and draughts in metres. */
export interface Ship {
  name: string
  length: number
  draught: number
@@ 12-
  cargo: 'fruit' | 'timber' | 'fuel' | 'mixed'
@@ 1-
}

export interface Berth {
  id: string
  length: number
  depth: number
@@ 12-
  hazard: boolean
@@ 1-
}
@@ 4-

/** An announced call at the port; times in minutes since midnight UTC. */
export interface Call {
  ship: Ship
  arrives: number
  leaves: number
  berth?: string
}
@@ 17-

export interface Pilot {
  name: string
  onDuty: [number, number]
  maxLength: number
}
