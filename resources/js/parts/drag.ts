/** Follows a pointer over what was pressed: how far across and down, from 0 to 1, the press itself first. */
export function dragOver(press: React.PointerEvent<HTMLElement>, move: (across: number, down: number) => void) {
  const box = press.currentTarget.getBoundingClientRect()
  const follow = (at: { clientX: number; clientY: number }) =>
    move((at.clientX - box.left) / box.width, (at.clientY - box.top) / box.height)
  follow(press)
  drag(press, follow)
}

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
