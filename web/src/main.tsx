import '@fontsource-variable/literata/standard.css'
import '@fontsource/barlow-semi-condensed/400.css'
import '@fontsource/barlow-semi-condensed/500.css'
import '@fontsource/barlow-semi-condensed/600.css'
import './table.css'
import { notifyManager, QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { askBeforeLeaving } from './bench/saving'
import { House } from './House'

// an answer is shown in the turn it comes in, not after a timer
notifyManager.setScheduler(queueMicrotask)

askBeforeLeaving()

const queries = new QueryClient({
  defaultOptions: { queries: { retry: false, refetchOnWindowFocus: false, staleTime: 10_000 } },
})

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <House />
    </QueryClientProvider>
  </StrictMode>,
)
