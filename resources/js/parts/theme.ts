import { useSyncExternalStore } from 'react'
import { keep } from './keep'

const KEY = 'dusk.theme'
const system = window.matchMedia('(prefers-color-scheme: light)')
const watchers = new Set<() => void>()

type Theme = 'dusk' | 'day'

const theme = (): Theme => (document.documentElement.dataset.theme === 'day' ? 'day' : 'dusk')

function show(next: Theme) {
  document.documentElement.dataset.theme = next
  for (const watcher of watchers) watcher()
}

system.addEventListener('change', () => {
  if (!keep.get(KEY)) show(system.matches ? 'day' : 'dusk')
})

/** Chosen by hand, it stays; until then the system chooses. */
export function toggleTheme() {
  const next = theme() === 'day' ? 'dusk' : 'day'
  keep.set(KEY, next)
  show(next)
}

export function useTheme(): Theme {
  return useSyncExternalStore((watcher) => {
    watchers.add(watcher)
    return () => watchers.delete(watcher)
  }, theme)
}
