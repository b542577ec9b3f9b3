import { Store, useStore } from '@/api/store'

type State = { palette: boolean; shortcuts: boolean }

/** What lies over every page: the command palette and the list of shortcuts. */
class OverlayStore extends Store<State> {
  openPalette = () => this.set({ palette: true, shortcuts: false })
  togglePalette = () => this.set({ palette: !this.state.palette })
  openShortcuts = () => this.set({ palette: false, shortcuts: true })
  close = () => this.set({ palette: false, shortcuts: false })
}

export const overlays = new OverlayStore({ palette: false, shortcuts: false })

export function useOverlays(): State {
  return useStore(overlays, (one) => one)
}
