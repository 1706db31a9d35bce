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
import { Shortcuts } from './Shortcuts'

export function App() {
  return (
    <>
      <Header />
      <Shortcuts />
      <main className="mx-auto max-w-[1500px] px-3 pb-6 sm:px-6">
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
          <Route path="*" element={<TodayPage />} />
        </Routes>
      </main>
    </>
  )
}
