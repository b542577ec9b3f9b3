import { createBrowserRouter, Navigate } from 'react-router'
import { load } from '@/api/load'
import { Hangar } from '@/hangar/Hangar'
import { Failed } from './Failed'
import { Former, FormerStation } from './Former'
import { Shell } from './Shell'

const lazy = (get: () => Promise<{ default: React.ComponentType }>) => async () => ({
  Component: (await load(get)).default,
})

export const router = createBrowserRouter([
  {
    path: '/',
    element: <Shell />,
    errorElement: <Failed />,
    children: [
      { index: true, element: <Hangar /> },
      { path: 'equipment', lazy: lazy(() => import('@/equipment/Equipment')) },
      { path: 'logbook/:view?', lazy: lazy(() => import('@/logbook/LogbookPage')) },
      { path: 'stores', element: <Former to="/equipment" /> },
      {
        path: 'aircraft/:id',
        lazy: lazy(() => import('./Bench')),
        children: [
          { index: true, element: <Navigate to="program" replace /> },
          { path: 'kit/:view?', lazy: lazy(() => import('@/stations/kit/KitStation')) },
          { path: 'program/:view?', lazy: lazy(() => import('@/stations/program/ProgramStation')) },
          { path: 'prove/:view?', lazy: lazy(() => import('@/stations/prove/ProveStation')) },
          { path: 'telemetry/:view?', lazy: lazy(() => import('@/stations/telemetry/TelemetryStation')) },
          { path: 'fly/:view?', lazy: lazy(() => import('@/stations/fly/FlyStation')) },
          { path: 'prove/states', element: <Former to="../prove/switch-map" /> },
          { path: 'prove/slots', element: <Former to="../prove/setup" /> },
          { path: 'wire/:view?', element: <FormerStation of="wire" /> },
          { path: 'sense/:view?', element: <FormerStation of="sense" /> },
        ],
      },
      { path: '*', element: <Navigate to="/" replace /> },
    ],
  },
])
