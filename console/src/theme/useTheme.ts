import { useEffect, useState } from 'react'

type Theme = 'light' | 'dark'

function remembered(): Theme {
  const said = localStorage.getItem('ojala-theme')
  if (said === 'light' || said === 'dark') {
    return said
  }
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light'
}

/** Light or dark: what was chosen here before, else what the machine prefers. */
export function useTheme() {
  const [theme, setTheme] = useState<Theme>(remembered)
  useEffect(() => {
    document.documentElement.classList.toggle('dark', theme === 'dark')
    document.documentElement.style.colorScheme = theme
  }, [theme])
  const toggle = () => {
    const other = theme === 'dark' ? 'light' : 'dark'
    localStorage.setItem('ojala-theme', other)
    setTheme(other)
  }
  return { theme, toggle }
}
