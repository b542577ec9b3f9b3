// Before the first paint: the theme chosen by hand, else the system's.
const chosen = localStorage.getItem('dusk.theme')
const day = chosen ? chosen === 'day' : matchMedia('(prefers-color-scheme: light)').matches
document.documentElement.dataset.theme = day ? 'day' : 'dusk'
