@@ 1-
/** What is heard on the port's radio, and what it asks for. */
export interface Heard {
  at: number
  channel: number
  from: string
  words: string
}

const LETTERS: Record<string, string> = { alfa: 'A', bravo: 'B', charlie: 'C', delta: 'D', echo: 'E', foxtrot: 'F' }

/** Reads a line of the log: 1204 12 Alondra: request a pilot */
export function parseHeard(line: string): Heard {
  const match = /^(\d{4}) (\d{1,2}) ([^:]+): (.*)$/.exec(line)
  if (!match) {
    throw new Error(`not a line of the log: ${line}`)
  }
  const at = Number(match[1].slice(0, 2)) * 60 + Number(match[1].slice(2))
  return { at, channel: Number(match[2]), from: match[3].trim(), words: match[4] }
}

/** How pressing a call is: 3 for distress, 0 for small talk. */
export function urgency(heard: Heard): number {
  const words = heard.words.toLowerCase()
  if (words.includes('mayday')) {
    return 3
  }
  if (words.includes('pan pan')) {
    return 2
  }
  if (heard.channel === 16) {
    return 2
  }
  if (words.includes('request')) {
    return 1
  }
  return 0
}

/** Letters spelt out on the radio as a word. */
export function spelt(words: string): string {
  let word = ''
  for (const one of words.toLowerCase().split(' ')) {
    const letter = LETTERS[one]
    if (letter === undefined) {
      word += one.slice(0, 1).toUpperCase()
    } else {
      word += letter
    }
  }
  return word
}

/** What the harbour office has to do about a call. */
export function duty(heard: Heard): string {
  const level = urgency(heard)
  if (level === 3) {
    return 'call the lifeboat'
  }
  if (level === 2) {
    return 'answer at once'
  }
  const words = heard.words.toLowerCase()
  if (words.includes('pilot')) {
    return 'call the pilot'
  }
  if (words.includes('berth')) {
    return 'look for a berth'
  }
  if (words.includes('water')) {
    return 'look into the tide table'
  }
  return 'none'
}

/** The log of a watch, pressing calls first, each with what it asks for. */
export function watch(lines: string[], from: number, to: number): string[] {
  const heard: Heard[] = []
  let unread = 0
  for (const line of lines) {
    try {
      const one = parseHeard(line)
      if (one.at >= from && one.at < to) {
        heard.push(one)
      }
    } catch (problem) {
      unread += 1
    }
  }
  heard.sort((a, b) => urgency(b) - urgency(a))
  const rows = heard.map((one) => `${one.from}: ${duty(one)}`)
  if (unread > 0) {
    rows.push(`${unread} lines can not be read`)
  }
  return rows
}

/** Channels that may be used, by what for. */
export function channelFor(purpose: string): number {
  if (purpose === 'distress') {
    return 16
  }
  if (purpose === 'port') {
    return 12
  }
  if (purpose === 'pilots') {
    return 9
  }
  if (purpose === 'ships') {
    return 6
  }
  throw new Error(`no channel for ${purpose}`)
}
