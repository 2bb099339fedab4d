import { lazy, Suspense, useEffect } from 'react'
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router'
import { Toaster } from 'sonner'
import { ShelfPage } from '../shelf/ShelfPage.tsx'
import { PageFault } from './PageFault.tsx'
import { followTheme } from './theme.ts'

const TaskShell = lazy(() => import('./TaskShell.tsx').then((module) => ({ default: module.TaskShell })))
const StagePage = lazy(() => import('./StagePage.tsx').then((module) => ({ default: module.StagePage })))

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
  return (
    <Suspense fallback={<p className="p-8 text-ink-soft">Opening …</p>}>
      <RouterProvider router={router} />
      <Toaster
        position="bottom-center"
        toastOptions={{
          style: { background: 'var(--ink)', color: 'var(--sheet)', border: 'none', fontFamily: 'var(--font-sans)' },
        }}
      />
    </Suspense>
  )
}
