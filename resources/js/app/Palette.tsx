import { Command } from 'cmdk'
import { useNavigate } from 'react-router'
import { hand } from '@/api/hand'
import { useHangar } from '@/api/queries'
import { useWorkbench, workbench } from '@/api/workbench'
import { listed, PAGES } from '@/parts/places'
import { toggleTheme } from '@/parts/theme'
import { STATIONS } from './stations'

type Props = { open: boolean; onClose: () => void; onHelp: () => void }

/** Everything by name. */
export default function Palette({ open, onClose, onHelp }: Props) {
  const { aircraft } = useWorkbench('aircraft')
  const hangar = useHangar()
  const navigate = useNavigate()
  const item = (name: string, run: () => unknown, key = name) => (
    <Command.Item
      key={key}
      value={key}
      keywords={[name]}
      onSelect={() => {
        onClose()
        run()
      }}
      className="cursor-pointer rounded-lg px-3 py-2 data-[selected=true]:bg-line"
    >
      {name}
    </Command.Item>
  )
  const heading =
    '[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:py-1 [&_[cmdk-group-heading]]:text-sm [&_[cmdk-group-heading]]:text-muted'
  return (
    <Command.Dialog
      open={open}
      onOpenChange={(next) => !next && onClose()}
      label="Command palette"
      overlayClassName="fixed inset-0 z-40 bg-black/55"
      contentClassName="-translate-x-1/2 fixed top-[12vh] left-1/2 z-50 w-[min(34rem,94vw)] rounded-2xl border border-edge bg-raised p-2 shadow-2xl"
    >
      <Command.Input
        placeholder="Go to, open, do…"
        className="w-full rounded-lg bg-deep px-3 py-2.5 placeholder:text-muted"
      />
      <Command.List className="mt-2 max-h-[50vh] overflow-auto">
        <Command.Empty className="px-3 py-4 text-muted">Nothing by that name.</Command.Empty>
        {aircraft && (
          <Command.Group heading={aircraft.name} className={heading}>
            {STATIONS.map((one) => item(`Go to ${one.name}`, () => navigate(`/aircraft/${aircraft.id}/${one.path}`)))}
            {STATIONS.flatMap((one) =>
              one.views.map((view) =>
                item(`Go to ${view.name}`, () => navigate(`/aircraft/${aircraft.id}/${one.path}/${view.path}`)),
              ),
            )}
            {aircraft.undo && item(`Undo: ${aircraft.undo}`, workbench.undo)}
            {aircraft.redo && item(`Redo: ${aircraft.redo}`, workbench.redo)}
            {item('Handheld: all at rest', hand.rest)}
            {item('Export the program', () => window.location.assign(`/api/aircraft/${aircraft.id}/export`))}
          </Command.Group>
        )}
        <Command.Group heading="Aircraft" className={heading}>
          {hangar.data?.aircraft.map((one) =>
            item(`Open ${one.name}`, () => navigate(`/aircraft/${one.id}/program`), `open ${one.name} ${one.id}`),
          )}
        </Command.Group>
        <Command.Group heading="Dusk Switch" className={heading}>
          {Object.values(PAGES).map((one) => item(`Go to ${one.name}`, () => navigate(one.path)))}
          {listed(PAGES.logbook.views).map((one) =>
            item(`Go to ${PAGES.logbook.name}: ${one.name}`, () => navigate(`${PAGES.logbook.path}/${one.path}`)),
          )}
          {item('Change the theme', toggleTheme)}
          {item('List the shortcuts', onHelp)}
        </Command.Group>
      </Command.List>
    </Command.Dialog>
  )
}
