import { forgetOlder, renew } from './api/renew'
import { MutationCache, QueryCache, QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { RouterProvider } from 'react-router'
import { ApiError } from './api/client'
import { doorQuery } from './crew/door'
import './index.css'
import { router } from './router'

/** While the shop is being filled after a start. */
const NOT_READY = 503

/** Signed out meanwhile: the frame asks the door, and leads there. */
const onError = (error: unknown) => {
  if (error instanceof ApiError && error.status === 401)
    void client.invalidateQueries({ queryKey: doorQuery.queryKey })
}

const client: QueryClient = new QueryClient({
  queryCache: new QueryCache({ onError }),
  mutationCache: new MutationCache({ onError }),
  defaultOptions: {
    queries: {
      staleTime: 2_000,
      retry: (failures, error) =>
        error instanceof ApiError &&
        ((error.status === 0 && failures < 2) || (error.status === NOT_READY && failures < 8)),
    },
  },
})

/**
 * Lets the bench go on without a line; what was read before that is read once more to be kept. A page
 * an older build had kept makes room for the new one, unless somebody has begun something on it.
 */
if ('serviceWorker' in navigator && import.meta.env.PROD)
  window.addEventListener('load', () => {
    const wasKept = navigator.serviceWorker.controller !== null
    navigator.serviceWorker.addEventListener('controllerchange', () => {
      if (wasKept && !navigator.userActivation?.hasBeenActive) window.location.reload()
      else void client.invalidateQueries()
    })
    void navigator.serviceWorker.register('/sw.js').then(renew)
    forgetOlder().catch(() => undefined) // where nothing may be kept, nothing is
  })

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={client}>
      <RouterProvider router={router} />
    </QueryClientProvider>
  </StrictMode>,
)
