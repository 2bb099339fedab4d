import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, expect, it } from 'vitest'
import { WalkPoints } from './WalkPoints.tsx'

afterEach(cleanup)

function open() {
  render(
    <WalkPoints
      points={[
        { x: 0, y: 18.5 },
        { x: 5, y: 20 },
        { x: 10, y: 31 },
      ]}
      doubtful={[2]}
      x={{ name: 'volume', unit: 'cm³' }}
      y={{ name: 'temperature', unit: '°C' }}
      says="Graph of temperature against volume: 3 points, no line"
    >
      {(at) => <output>{at}</output>}
    </WalkPoints>,
  )
  const graph = screen.getByRole('figure', { name: /^Graph of temperature/ })
  return (key: string) => {
    fireEvent.keyDown(graph, { key })
    return graph.textContent
  }
}

it('is read point by point, to its ends and no further', () => {
  const press = open()
  expect(press('ArrowRight')).toContain('Point 1 of 3: volume 0 cm³, temperature 18.5 °C.')
  expect(press('ArrowRight')).toContain('Point 2 of 3')
  expect(press('End')).toContain('Point 3 of 3: volume 10 cm³, temperature 31 °C; it does not fit the others.')
  expect(press('ArrowRight')).toContain('Point 3 of 3')
  expect(press('Home')).toContain('Point 1 of 3')
  expect(press('ArrowLeft')).toContain('Point 1 of 3')
  expect(press('x')).toContain('Point 1 of 3')
})

it('begins at the end where it is entered backwards', () => {
  expect(open()('ArrowLeft')).toContain('Point 3 of 3')
})
