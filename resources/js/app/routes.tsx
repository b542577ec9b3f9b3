import { createBrowserRouter, Navigate } from 'react-router'
import { Hangar } from '@/hangar/Hangar'
import { Failed } from './Failed'
import { Shell } from './Shell'

const lazy = (load: () => Promise<{ default: React.ComponentType }>) => async () => ({
  Component: (await load()).default,
})

export const router = createBrowserRouter([
  {
    path: '/',
    element: <Shell />,
    errorElement: <Failed />,
    children: [
      { index: true, element: <Hangar /> },
      { path: 'stores', lazy: lazy(() => import('@/stores/Stores')) },
      {
        path: 'aircraft/:id',
        lazy: lazy(() => import('./Bench')),
        children: [
          { index: true, element: <Navigate to="wire" replace /> },
          { path: 'kit/:view?', lazy: lazy(() => import('@/stations/kit/Kit')) },
          { path: 'wire/:view?', lazy: lazy(() => import('@/stations/wire/Wire')) },
          { path: 'prove/slots', element: <Navigate to="../prove/setup" replace /> },
          { path: 'prove/:view?', lazy: lazy(() => import('@/stations/prove/Prove')) },
          { path: 'sense/:view?', lazy: lazy(() => import('@/stations/sense/Sense')) },
          { path: 'fly', lazy: lazy(() => import('@/stations/fly/Fly')) },
        ],
      },
      { path: '*', element: <Navigate to="/" replace /> },
    ],
  },
])
