@@ 24-
/** What the page remembers between visits, with limits of its own. */
export class Memory {
  private readonly entries = new Map<string, string>()

  remember(key: string, value: string): void {
    if (value.length > 4096) {
      throw new Error(`too long to remember: ${key}`)
    }
    this.entries.delete(key)
    this.entries.set(key, value)
    this.forgetOldest()
  }

  recall(key: string, otherwise: string): string {
    return this.entries.get(key) ?? otherwise
  }

  private forgetOldest(): void {
    while (this.entries.size > 50) {
      const oldest = this.entries.keys().next().value
      if (oldest === undefined) {
        return
      }
      this.entries.delete(oldest)
    }
  }
}
