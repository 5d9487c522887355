import { createSystem, defaultConfig, defineConfig } from '@chakra-ui/react'
import { fonts, semanticColors } from './tokens'

const hatch = 'repeating-linear-gradient(-45deg, {colors.missed} 0 2px, {colors.missedWash} 2px 5px)'
const pieces = 'repeating-linear-gradient(0deg, {colors.partial} 0 4px, transparent 4px 7px)'

/** The theme: Chakra's own mechanisms, our tokens. No colour is written anywhere else. */
export const system = createSystem(
  defaultConfig,
  defineConfig({
    globalCss: {
      html: { colorPalette: 'gray' },
      body: { bg: 'ground', color: 'ink', fontFamily: 'body', fontSize: '14px', lineHeight: '1.45' },
      'a:focus-visible, button:focus-visible, input:focus-visible, [tabindex]:focus-visible': {
        outline: '2px solid {colors.marigold}',
        outlineOffset: '2px',
      },
    },
    theme: {
      tokens: { fonts },
      semanticTokens: { colors: semanticColors },
      recipes: {
        /** The mark in a line's gutter: each state has a shape of its own. */
        gutter: {
          className: 'gutter',
          base: { display: 'block', alignSelf: 'stretch', width: '8px' },
          variants: {
            state: {
              covered: { bg: 'covered', width: '4px' },
              partial: { backgroundImage: pieces, width: '5px' },
              missed: { backgroundImage: hatch, borderXWidth: '1px', borderColor: 'missed' },
              none: {},
            },
          },
        },
        bar: {
          className: 'bar',
          base: { display: 'block', height: '12px' },
          variants: {
            state: { covered: { bg: 'covered' }, missed: { backgroundImage: hatch } },
          },
        },
      },
    },
  }),
)
