import { Suspense } from 'react'
import { Route, Routes } from 'react-router'
import { ClientFrame } from '../features/clients/ClientFrame'
import { Waiting } from '../ui/Notice'
import { Header } from './Header'
import { NoSuchPlace } from './NoSuchPlace'
import { Places } from './places'
import { Shortcuts } from './Shortcuts'
import { usePlaceFocus } from './usePlaceFocus'

export function App() {
  usePlaceFocus()
  return (
    <>
      <a
        href="#work"
        className="bg-ink text-paper absolute -top-20 left-2 z-40 px-4 py-2 font-semibold focus:top-2"
        onClick={(event) => {
          event.preventDefault()
          document.getElementById('work')?.focus()
        }}
      >
        Skip to the work
      </a>
      <Header />
      <Shortcuts />
      <main id="work" tabIndex={-1} className="mx-auto max-w-[1500px] px-3 pb-6 outline-none sm:px-6">
        <Suspense fallback={<Waiting what="Opening" />}>
          <Routes>
            <Route path="/" element={<Places.Today />} />
            <Route path="/new" element={<Places.NewClient />} />
            <Route path="/clients" element={<Places.Clients />} />
            <Route path="/shelf" element={<Places.Shelf />} />
            <Route path="/practice" element={<Places.Practice />} />
            <Route path="/clients/:clientId" element={<ClientFrame />}>
              <Route path="consult" element={<Places.Consult />} />
              <Route path="plan" element={<Places.Plan />} />
              <Route path="chair" element={<Places.Chair />} />
              <Route path="log" element={<Places.Log />} />
              <Route path="aftercare" element={<Places.Aftercare />} />
              <Route path="learn" element={<Places.Learn />} />
            </Route>
            <Route path="*" element={<NoSuchPlace />} />
          </Routes>
        </Suspense>
      </main>
    </>
  )
}
