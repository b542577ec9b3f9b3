/** Text that is cut with dots tells the whole when the pointer or the focus comes to it. */
export function tellCutText(): () => void {
  const look = (event: Event) => {
    for (let one = event.target as Element | null; one && one !== document.body; one = one.parentElement) {
      if (one instanceof HTMLElement) tell(one)
    }
  }
  document.addEventListener('pointerover', look)
  document.addEventListener('focusin', look)
  return () => {
    document.removeEventListener('pointerover', look)
    document.removeEventListener('focusin', look)
  }
}

function tell(element: HTMLElement): void {
  const { textOverflow, webkitLineClamp } = getComputedStyle(element)
  if (textOverflow !== 'ellipsis' && ['', 'none'].includes(webkitLineClamp)) return
  const cut = element.scrollWidth > element.clientWidth || element.scrollHeight > element.clientHeight
  // A title of its own says more than its text.
  if (element.title !== '' && element.dataset.cut === undefined) return
  if (cut) {
    element.dataset.cut = ''
    element.title = element.textContent
  } else {
    delete element.dataset.cut
    element.removeAttribute('title')
  }
}
