import { hand } from '@/api/hand'
import { workbench } from '@/api/workbench'
import { toggleTheme } from '@/parts/theme'

/** What `?` lists; the handling below it keeps to the same order. */
export const SHORTCUTS: [string, string][] = [
  ['Ctrl K or ⌘ K', 'Command palette'],
  ['Ctrl Z', 'Undo'],
  ['Ctrl Shift Z', 'Redo'],
  ['0', 'Handheld: all at rest'],
  ['T', 'Change the theme'],
  ['?', 'This list'],
  ['Arrow keys', 'Move the control, field or detent that has the focus'],
  ['Page up, Page down', 'Move it further; Home and End: to its ends'],
  ['0 or Delete', 'On a stick, dial or trim: back to its rest'],
  ['Escape', 'Close, or undo what was typed'],
]

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.matches('input:not([type=range]), textarea, select') || target.isContentEditable)

export function onShortcut(event: KeyboardEvent, palette: () => void, help: () => void) {
  const command = event.ctrlKey || event.metaKey
  const key = event.key.toLowerCase()
  if (command && key === 'k') palette()
  else if (isTyping(event.target)) return
  else if (command && key === 'z') void (event.shiftKey ? workbench.redo() : workbench.undo())
  else if (command || event.altKey) return
  else if (key === '0') hand.rest()
  else if (key === 't') toggleTheme()
  else if (key === '?') help()
  else return
  event.preventDefault()
}
