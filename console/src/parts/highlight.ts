import type { HighlighterCore, LanguageRegistration } from 'shiki/core'

/** A piece of a line, with what kind of word it is; the theme colours it. */
export interface Token {
  text: string
  kind: 'plain' | 'keyword' | 'literal' | 'comment'
}

type Grammar = () => Promise<{ default: LanguageRegistration[] }>

/** Grammars by extension; each is loaded when it is first needed. */
const grammars: Record<string, Grammar> = {
  js: () => import('shiki/langs/javascript.mjs'),
  mjs: () => import('shiki/langs/javascript.mjs'),
  cjs: () => import('shiki/langs/javascript.mjs'),
  ts: () => import('shiki/langs/typescript.mjs'),
  tsx: () => import('shiki/langs/tsx.mjs'),
  jsx: () => import('shiki/langs/jsx.mjs'),
  py: () => import('shiki/langs/python.mjs'),
  java: () => import('shiki/langs/java.mjs'),
  go: () => import('shiki/langs/go.mjs'),
  c: () => import('shiki/langs/c.mjs'),
  h: () => import('shiki/langs/c.mjs'),
  rs: () => import('shiki/langs/rust.mjs'),
  cpp: () => import('shiki/langs/cpp.mjs'),
  cc: () => import('shiki/langs/cpp.mjs'),
  hpp: () => import('shiki/langs/cpp.mjs'),
  cs: () => import('shiki/langs/csharp.mjs'),
  kt: () => import('shiki/langs/kotlin.mjs'),
  php: () => import('shiki/langs/php.mjs'),
  rb: () => import('shiki/langs/ruby.mjs'),
  swift: () => import('shiki/langs/swift.mjs'),
  dart: () => import('shiki/langs/dart.mjs'),
}

const LONGEST = 400_000

/** A theme whose colours are our kinds' names in disguise, so that light and dark need one pass only. */
const kinds: Record<string, Token['kind']> = { '#000001': 'keyword', '#000002': 'literal', '#000003': 'comment' }
const theme = {
  name: 'kinds',
  type: 'light' as const,
  fg: '#000000',
  bg: '#ffffff',
  settings: [
    { scope: ['keyword', 'storage', 'storage.type'], settings: { foreground: '#000001' } },
    { scope: ['keyword.operator'], settings: { foreground: '#000000' } },
    { scope: ['string', 'constant'], settings: { foreground: '#000002' } },
    { scope: ['comment'], settings: { foreground: '#000003' } },
  ],
}

let core: Promise<HighlighterCore> | undefined

async function highlighter(): Promise<HighlighterCore> {
  core ??= Promise.all([import('shiki/core'), import('shiki/engine/javascript')]).then(([shiki, engine]) =>
    shiki.createHighlighterCore({ themes: [theme], langs: [], engine: engine.createJavaScriptRegexEngine({ forgiving: true }) }),
  )
  return core
}

/** The lines of a text in pieces; nothing for a language without a grammar here, or a text too long to colour. */
export async function highlight(text: string, path: string): Promise<Token[][] | undefined> {
  const load = grammars[path.slice(path.lastIndexOf('.') + 1)]
  if (load === undefined || text.length > LONGEST) {
    return undefined
  }
  const [shiki, grammar] = await Promise.all([highlighter(), load()])
  await shiki.loadLanguage(grammar.default)
  const lang = grammar.default.at(-1)?.name ?? 'text'
  return shiki
    .codeToTokensBase(text, { lang, theme: 'kinds' })
    .map((line) => line.map((token) => ({ text: token.content, kind: kinds[token.color?.toLowerCase() ?? ''] ?? 'plain' })))
}
