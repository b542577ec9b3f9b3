/** Follows a pointer from its press until it's let go, wherever it wanders. */
export function drag(
  press: { pointerId: number },
  move: (at: PointerEvent) => void,
  end: (at: PointerEvent, letGo: boolean) => void = () => {},
) {
  const follow = (at: PointerEvent) => {
    if (at.pointerId === press.pointerId) move(at)
  }
  const stop = (at: PointerEvent) => {
    if (at.pointerId !== press.pointerId) return
    window.removeEventListener('pointermove', follow)
    window.removeEventListener('pointerup', stop)
    window.removeEventListener('pointercancel', stop)
    end(at, at.type === 'pointerup')
  }
  window.addEventListener('pointermove', follow)
  window.addEventListener('pointerup', stop)
  window.addEventListener('pointercancel', stop)
}
