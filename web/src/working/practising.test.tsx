import { reckonTask } from '@hop-lark/core/reckon'
import { cleanup, fireEvent, screen, within } from '@testing-library/react'
import { afterEach, beforeAll, describe, expect, it, vi } from 'vitest'
import { Spine } from '../app/Spine.tsx'
import { SoFarCard } from '../margin/SoFarCard.tsx'
import { LAWN_SAND, openTask, withoutLayout } from '../testing/openTask.tsx'
import { WorkOutPage } from './WorkOutPage.tsx'

beforeAll(withoutLayout)
vi.mock('./sureWorker.ts', async () => {
  const { sureWork } = await import('./sureWork.ts')
  return { sureWorker: () => sureWork }
})
afterEach(cleanup)

const TITLE = 'Percentage by mass of iron in F1'

describe('an answer that the student works out first', () => {
  it('is not given away by its heading, the margin or the stages, until the last line is there', () => {
    openTask(
      LAWN_SAND,
      <>
        <Spine />
        <WorkOutPage />
        <SoFarCard />
      </>,
      'work-out',
    )
    const section = screen.getByRole('region', { name: TITLE })
    const everywhere = () => document.body.textContent ?? ''
    expect(everywhere().match(/12\.2/g)?.length).toBeGreaterThan(2)
    fireEvent.click(within(section).getByRole('button', { name: 'Work it out yourself' }))
    expect(everywhere()).not.toMatch(/12\.2/)
    expect(section.textContent).toContain('work it out first')

    const last = reckonTask(LAWN_SAND).answers[1]?.steps.at(-1)
    const field = within(section).getByLabelText(`Yours: ${last?.says}`)
    fireEvent.change(field, { target: { value: '12.2' } })
    fireEvent.blur(field)
    expect(section.textContent).toContain('Right.')
    expect(within(section).getByTestId('answer-q2').textContent).toContain('12.2')
  })
})
