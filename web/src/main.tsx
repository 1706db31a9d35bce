import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { BrowserRouter } from 'react-router'
import { App } from './app/App'
import { keepForOffline } from './app/offline'
import './styles.css'

const root = document.getElementById('root')
if (root === null) throw new Error('index.html must hold an element with the id "root"')

const queries = new QueryClient({
  defaultOptions: {
    queries: { retry: 1, staleTime: 5_000, networkMode: 'always' },
    mutations: { networkMode: 'always' },
  },
})

createRoot(root).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <App />
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
)

void keepForOffline()
