import { Suspense, useEffect } from 'react'
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router'
import { ShelfPage } from '../shelf/ShelfPage.tsx'
import { keepFocus } from '../ui/keepFocus.ts'
import { later, whenIdle } from '../ui/later.tsx'
import { copyAsSet } from './copyAsSet.ts'
import { PageFault } from './PageFault.tsx'
import { followTheme } from './theme.ts'

const TaskShell = later(() => import('./TaskShell.tsx').then((module) => module.TaskShell))
const StagePage = later(() => import('./StagePage.tsx').then((module) => module.StagePage))
const Toaster = later(() => import('sonner').then((module) => module.Toaster))

const router = createBrowserRouter([
  { path: '/', element: <ShelfPage />, errorElement: <PageFault /> },
  {
    path: '/task/:taskId',
    element: <TaskShell />,
    errorElement: <PageFault />,
    children: [
      { index: true, element: <Navigate to="brief" replace /> },
      { path: ':stageId', element: <StagePage /> },
    ],
  },
  { path: '*', element: <Navigate to="/" replace /> },
])

/** The whole app: its pages, and short messages at the foot. */
export function App() {
  useEffect(followTheme, [])
  useEffect(keepFocus, [])
  useEffect(() => {
    document.addEventListener('copy', copyAsSet)
    return () => document.removeEventListener('copy', copyAsSet)
  }, [])
  useEffect(() => whenIdle(() => void import('../offline/keepOffline.ts').then(({ keepOffline }) => keepOffline())), [])
  useEffect(() => whenIdle(() => void import('../photographs/pictures.ts').then(({ sendWaiting }) => sendWaiting())), [])
  return (
    <Suspense fallback={<p className="p-8 text-ink-soft">Opening …</p>}>
      <RouterProvider router={router} />
      <Suspense fallback={null}>
        <Toaster
          position="bottom-center"
          toastOptions={{
            style: { background: 'var(--ink)', color: 'var(--sheet)', border: 'none', fontFamily: 'var(--font-sans)' },
          }}
        />
      </Suspense>
    </Suspense>
  )
}
