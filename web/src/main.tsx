import { QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { BrowserRouter } from 'react-router'
import { ApiError } from './api/client'
import { FreshQueryClient } from './api/FreshQueryClient'
import { App } from './app/App'
import { loadAllPlaces } from './app/places'
import { keepForOffline } from './api/offline'
import './styles.css'

const root = document.getElementById('root')
if (root === null) throw new Error('index.html must hold an element with the id "root"')

const ASK_AGAIN_MS = 4_000

const queries = new FreshQueryClient({
  defaultOptions: {
    queries: {
      retry: 1,
      staleTime: 5_000,
      networkMode: 'always',
      // What could not be had is asked for again until it is there.
      refetchInterval: ({ state }) => (isUnreached(state.error) ? ASK_AGAIN_MS : false),
    },
    mutations: { networkMode: 'always' },
  },
})

function isUnreached(error: unknown): boolean {
  return error instanceof ApiError && error.status === 0
}

createRoot(root).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <App />
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
)

void keepForOffline(loadAllPlaces)
