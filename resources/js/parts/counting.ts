import type { Setting } from '@/api/types'

/** Whether a setting counts: the one that it hangs on has the value, and counts itself. */
export function counts(setting: Setting, all: readonly Setting[], value: (setting: Setting) => string): boolean {
  const { when } = setting
  if (!when) return true
  const on = all.find((one) => one.id === when.setting)
  return on !== undefined && when.values.includes(value(on)) && counts(on, all, value)
}
