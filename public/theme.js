// Before the first paint: the theme chosen by hand, else the system's. Where nothing may be kept the system's it is.
let chosen = null
try {
  chosen = localStorage.getItem('dusk.theme')
} catch {}
const day = chosen ? chosen === 'day' : matchMedia('(prefers-color-scheme: light)').matches
document.documentElement.dataset.theme = day ? 'day' : 'dusk'
