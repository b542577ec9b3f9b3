// Gives what doesn't fit on the screen as it is now: text that is cut, outside its box, over another text or off the
// screen, a word that is broken, and more than one thing that scrolls. Measured by rectangles.
const faults = []
const seen = new Set()
const say = (what, element, text) => {
  const at = (element.closest('[aria-label]')?.getAttribute('aria-label') ?? element.tagName.toLowerCase()).slice(0, 40)
  const line = `${what}: “${text.trim().replace(/\s+/g, ' ').slice(0, 50)}” in ${at}`
  if (!seen.has(line)) {
    seen.add(line)
    faults.push(line)
  }
}
const shown = (element) => element.checkVisibility({ opacityProperty: true, visibilityProperty: true })
// The full text is a hover or focus away.
const told = (element) => {
  element.dispatchEvent(new PointerEvent('pointerover', { bubbles: true }))
  for (let one = element; one; one = one.parentElement) {
    if (one.title || one.dataset?.full !== undefined) return true
    if (one.matches?.('button, a, [role=button], [tabindex]')) return Boolean(one.title || one.ariaLabel)
  }
  return false
}
// Clipped to a dot.
const forEars = (element) => {
  for (let one = element; one && one !== document.body; one = one.parentElement) {
    const box = one.getBoundingClientRect()
    if (box.width <= 1.5 || box.height <= 1.5) return getComputedStyle(one).overflow !== 'visible' || box.width <= 1.5
  }
  return false
}
const SLACK = 1.5
const clipped = (line, from, to) => {
  const [left, right] = [Math.max(line.left, from), Math.min(line.right, to)]
  return { left, right, top: line.top, bottom: line.bottom, height: line.height, width: right - left }
}
const texts = []
const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
while (walker.nextNode()) {
  const node = walker.currentNode
  const element = node.parentElement
  if (!node.data.trim() || !element || element.closest('script, style, option, [data-radix-popper-content-wrapper]')) continue
  if (!shown(element)) continue
  const range = document.createRange()
  range.selectNodeContents(node)
  let lines = [...range.getClientRects()].filter((one) => one.width > 2 && one.height > 2)
  if (lines.length === 0) continue
  const own = element.getBoundingClientRect()
  if (forEars(element)) continue
  let [left, top, right, bottom] = [0, 0, innerWidth, innerHeight]
  let scrolled = false
  let cut = false
  for (let one = element; one && one !== document.body; one = one.parentElement) {
    const style = getComputedStyle(one)
    if (style.position === 'fixed') {
      scrolled = true
    }
    const isSvg = one instanceof SVGElement && one.tagName === 'svg'
    const clipsX = isSvg ? style.overflowX !== 'visible' : style.overflowX !== 'visible'
    const clipsY = style.overflowY !== 'visible'
    const box = one.getBoundingClientRect()
    const [inner, width] = [box.left + (one.clientLeft || 0), one.clientWidth || box.width]
    const scrollsX = ['auto', 'scroll'].includes(style.overflowX) && one.scrollWidth > one.clientWidth + 1
    const scrollsY = ['auto', 'scroll'].includes(style.overflowY)
    if (clipsX && !scrollsX) {
      for (const line of lines) {
        if (line.left < inner - SLACK || line.right > inner + width + SLACK) {
          const dots = style.textOverflow === 'ellipsis' || style.webkitLineClamp !== 'none'
          if (!(dots && (told(one) || told(element)))) cut = true
        }
      }
      // What is left of them after the dots.
      lines = lines.map((line) => clipped(line, inner, inner + width))
    }
    if (style.webkitLineClamp !== 'none' && told(element)) {
      lines = lines.filter((line) => line.bottom < box.bottom + line.height / 4)
    }
    if (clipsY && !scrollsY && one !== document.documentElement) {
      for (const line of lines) {
        if (line.bottom < box.top + SLACK || line.top > box.bottom - SLACK) {
          if (!scrolled && !(style.webkitLineClamp !== 'none' && told(one))) cut = true
        } else if (line.bottom > box.bottom + line.height / 4 || line.top < box.top - line.height / 4) {
          if (!scrolled && !(style.webkitLineClamp !== 'none' && told(one))) cut = true
        }
      }
    }
    if (clipsX) [left, right] = [Math.max(left, inner), Math.min(right, inner + width)]
    if (clipsY) [top, bottom] = [Math.max(top, box.top), Math.min(bottom, box.bottom)]
    if (scrollsY) scrolled = true
  }
  if (cut) say('cut', element, node.data)
  // A name of sixty letters may break; a word may not.
  for (const { 0: word, index } of node.data.matchAll(/[\p{L}\d]{2,14}(?![\p{L}\d])/gu)) {
    if (index > 0 && /[\p{L}\d]/u.test(node.data[index - 1])) continue
    range.setStart(node, index)
    range.setEnd(node, index + word.length)
    const tops = [...range.getClientRects()].filter((one) => one.width > 0).map((one) => Math.round(one.top))
    if (new Set(tops).size > 1) say(`“${word}” is broken`, element, node.data)
  }
  const isInline = getComputedStyle(element).display.startsWith('inline') && !(element instanceof SVGElement)
  if (!isInline && !(element instanceof SVGElement)) {
    for (const line of lines) {
      if (line.right > own.right + SLACK || line.left < own.left - SLACK) {
        if (getComputedStyle(element).overflowX === 'visible') say('outside its box', element, node.data)
      }
    }
  }
  for (const line of lines) {
    if (line.right > innerWidth + SLACK || line.left < -SLACK) {
      if (left <= 0 && right >= innerWidth) say('off the screen', element, node.data)
    }
  }
  for (const line of lines) {
    const is = {
      left: Math.max(line.left, left),
      right: Math.min(line.right, right),
      top: Math.max(line.top + line.height * 0.2, top),
      bottom: Math.min(line.bottom - line.height * 0.2, bottom),
    }
    if (is.right - is.left > 2 && is.bottom - is.top > 2) texts.push({ element, text: node.data, node, ...is })
  }
}
const top = (x, y, element) => {
  const hit = document.elementFromPoint(x, y)
  return hit && (hit === element || element.contains(hit) || hit.contains(element))
}
texts.sort((a, b) => a.top - b.top)
for (let i = 0; i < texts.length; i++) {
  for (let j = i + 1; j < texts.length && texts[j].top < texts[i].bottom; j++) {
    const [a, b] = [texts[i], texts[j]]
    if (a.node === b.node) continue
    const wide = Math.min(a.right, b.right) - Math.max(a.left, b.left)
    const high = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top)
    if (wide < 3 || high < 2) continue
    const [x, y] = [Math.max(a.left, b.left) + wide / 2, Math.max(a.top, b.top) + high / 2]
    // What lies over it hides it on purpose: a head that stays while a list scrolls.
    if (!top(x, y, a.element) && !(a.element instanceof SVGElement)) continue
    if (!top(x, y, b.element) && !(b.element instanceof SVGElement)) continue
    say(`over “${b.text.trim().slice(0, 30)}”`, a.element, a.text)
  }
}
const main = document.querySelector('main') ?? document.body
const scrollers = [...main.querySelectorAll('*'), main].filter((one) => {
  const style = getComputedStyle(one)
  return (
    shown(one) &&
    ['auto', 'scroll'].includes(style.overflowY) &&
    one.scrollHeight > one.clientHeight + 2 &&
    one.clientHeight > 0 &&
    // A side sheet has its own.
    !one.closest('[role=dialog], aside')
  )
})
if (scrollers.length > 1) {
  faults.push(`${scrollers.length} things scroll: ${scrollers.map((one) => one.ariaLabel ?? one.className.slice(0, 40)).join(' | ')}`)
}
const sideways = [...main.querySelectorAll('*'), main, document.documentElement].filter((one) => {
  const style = getComputedStyle(one)
  return shown(one) && ['auto', 'scroll'].includes(style.overflowX) && one.scrollWidth > one.clientWidth + 2
})
for (const one of sideways) faults.push(`scrolls sideways: ${one.ariaLabel ?? one.tagName + ' ' + String(one.className).slice(0, 50)}`)
return faults
