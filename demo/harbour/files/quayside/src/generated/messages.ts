@@ 11-
// Generated from the port's message schema. Do not edit.
export function encodeCall(id: number, eta: string, etd: string): string {
  const parts = [String(id), eta, etd]
  return parts.join('|')
}

export function decodeCall(text: string): { id: number; eta: string; etd: string } {
  const [id, eta, etd] = text.split('|')
  if (id === undefined || eta === undefined || etd === undefined) {
    throw new Error('not a call')
  }
  return { id: Number(id), eta, etd }
}
