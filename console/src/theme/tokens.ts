/** Chart paper and deep water: the colours and types of the console, each named for what it says. */
export const fonts = {
  body: { value: '"Atkinson Hyperlegible Next", system-ui, sans-serif' },
  heading: { value: '"Atkinson Hyperlegible Next", system-ui, sans-serif' },
  mono: { value: '"IBM Plex Mono", monospace' },
}

const pair = (light: string, dark: string) => ({ value: { base: light, _dark: dark } })

export const semanticColors = {
  ground: pair('#f8f5ee', '#0f1b26'),
  raised: pair('#fffdf8', '#142230'),
  sunk: pair('#f0ebdf', '#0b151e'),
  rule: pair('#ddd5c4', '#24364a'),
  ruleStrong: pair('#b9ae98', '#3c526a'),
  ink: pair('#1c2b3d', '#e6ebf0'),
  inkSoft: pair('#4f5e72', '#a5b3c2'),
  inkFaint: pair('#5f6b7a', '#8b9bac'),
  link: pair('#2a4d8f', '#8fb2f0'),
  marigold: pair('#d9921a', '#efb04a'),
  covered: pair('#157a6e', '#4fc0ab'),
  missed: pair('#a93521', '#f08a70'),
  missedWash: pair('#f8e4dd', '#3a1e1a'),
  partial: pair('#8a5f00', '#e3b24a'),
  partialWash: pair('#f8ecd0', '#352a12'),
  keyword: pair('#7b3f9d', '#c99be6'),
  literal: pair('#35682d', '#9ccf8e'),
}
