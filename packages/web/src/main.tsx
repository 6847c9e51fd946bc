import { MutationCache, QueryCache, QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { BrowserRouter } from 'react-router'
import { ApiProblem } from './api/client'
import { App } from './app'
import { sessionKeys } from './people/session'
import './parts/style-nonce'
import { Notices } from './parts/notices'
import './styles.css'

/** A session that ran out leads back to the sign-in, wherever it is noticed. */
function noticeSignedOut(error: Error): void {
  if (error instanceof ApiProblem && error.status === 401 && client.getQueryData(sessionKeys.who))
    client.setQueryData(sessionKeys.who, null)
}

const client = new QueryClient({
  queryCache: new QueryCache({ onError: noticeSignedOut }),
  mutationCache: new MutationCache({ onError: noticeSignedOut }),
  defaultOptions: { queries: { retry: false, refetchOnWindowFocus: false } },
})

const root = document.getElementById('root')
if (root)
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={client}>
        <BrowserRouter>
          <Notices>
            <App />
          </Notices>
        </BrowserRouter>
      </QueryClientProvider>
    </StrictMode>,
  )
