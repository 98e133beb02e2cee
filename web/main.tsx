import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { BrowserRouter } from 'react-router'
import { Toaster } from 'sonner'
import { Refused } from './api/client'
import { App } from './shell/App'
import { CommandProvider } from './keys/commandRegistry'
import { applyTheme } from './parts/theme'
import './styles.css'

applyTheme()

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 5_000,
      retry: (count, problem) => count < 2 && !(problem instanceof Refused && problem.status > 0),
    },
  },
})

const root = document.getElementById('root')
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <BrowserRouter>
          <CommandProvider>
            <App />
          </CommandProvider>
        </BrowserRouter>
        <Toaster position="bottom-right" toastOptions={{ className: 'font-sans' }} />
      </QueryClientProvider>
    </StrictMode>,
  )
}
