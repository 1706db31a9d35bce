import { Route, Routes } from 'react-router'
import { ChairPage } from '../features/chair/ChairPage'
import { ClientFrame } from '../features/clients/ClientFrame'
import { ClientsPage } from '../features/clients/ClientsPage'
import { NewClientPage } from '../features/clients/NewClientPage'
import { ConsultPage } from '../features/consult/ConsultPage'
import { LogPage } from '../features/log/LogPage'
import { PlanPage } from '../features/plan/PlanPage'
import { ShelfPage } from '../features/shelf/ShelfPage'
import { TodayPage } from '../features/today/TodayPage'
import { Header } from './Header'
import { NoSuchPlace } from './NoSuchPlace'
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
        <Routes>
          <Route path="/" element={<TodayPage />} />
          <Route path="/new" element={<NewClientPage />} />
          <Route path="/clients" element={<ClientsPage />} />
          <Route path="/shelf" element={<ShelfPage />} />
          <Route path="/clients/:clientId" element={<ClientFrame />}>
            <Route path="consult" element={<ConsultPage />} />
            <Route path="plan" element={<PlanPage />} />
            <Route path="chair" element={<ChairPage />} />
            <Route path="log" element={<LogPage />} />
          </Route>
          <Route path="*" element={<NoSuchPlace />} />
        </Routes>
      </main>
    </>
  )
}
