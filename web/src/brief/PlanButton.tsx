import { FlaskConical } from 'lucide-react'
import { Suspense, useState } from 'react'
import { Button } from '../ui/Button.tsx'
import { later } from '../ui/later.tsx'

const PlanDialog = later(() => import('./PlanDialog.tsx').then((module) => module.PlanDialog))

/** Opens the planner, for whoever has a question and no sheet. */
export function PlanButton() {
  const [planning, setPlanning] = useState(false)
  return (
    <>
      <Button icon={<FlaskConical size={17} aria-hidden="true" />} onClick={() => setPlanning(true)}>
        Plan an investigation
      </Button>
      {planning && (
        <Suspense fallback={null}>
          <PlanDialog onClose={() => setPlanning(false)} />
        </Suspense>
      )}
    </>
  )
}
