import { QueryClientProvider } from '@tanstack/react-query'
import { Tooltip } from 'radix-ui'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { RouterProvider } from 'react-router/dom'
import { queries } from './api/queryClient'
import './app/style.css'
import { router } from './app/routes'
import { Toasts } from './parts/toast'

const root = document.getElementById('root')
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <Tooltip.Provider delayDuration={400}>
          <RouterProvider router={router} />
          <Toasts />
        </Tooltip.Provider>
      </QueryClientProvider>
    </StrictMode>,
  )
}
