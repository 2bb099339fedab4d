import { describe, expect, it } from 'vitest'
import { ChemistryError } from '../problem/index.ts'
import { BURETTES, nearestGlass, toleranceOf } from './index.ts'

describe('tolerances', () => {
  // From memory of the standards: ISO 385 (burettes), ISO 648 (pipettes), ISO 1042 (flasks), ISO 4788 (cylinders).
  it.each([
    ['burette', '50', 'A', '0.05', 'ISO 385'],
    ['burette', '50.00', 'B', '0.1', 'ISO 385'],
    ['burette', '25', 'A', '0.03', 'ISO 385'],
    ['burette', '10', 'A', '0.02', 'ISO 385'],
    ['pipette', '25', 'A', '0.03', 'ISO 648'],
    ['pipette', '10.0', 'B', '0.04', 'ISO 648'],
    ['flask', '250.0', 'A', '0.15', 'ISO 1042'],
    ['flask', '100', 'B', '0.2', 'ISO 1042'],
    ['cylinder', '100', 'A', '0.5', 'ISO 4788'],
  ] as const)('of a %s of %s cm³, class %s: ±%s cm³ (%s)', (kind, capacity, glassClass, tolerance, _standard) => {
    expect(toleranceOf(kind, capacity, glassClass).toNumber()).toBe(Number(tolerance))
  })

  it('are for class B up to twice those of class A, and never finer', () => {
    for (const { tolerance } of BURETTES) expect(Number(tolerance.B)).toBeGreaterThanOrEqual(Number(tolerance.A))
  })

  it('are refused for a size that is not made', () => {
    expect(() => toleranceOf('pipette', '37', 'A')).toThrow(ChemistryError)
  })
})

it('finds the smallest piece that takes a volume', () => {
  expect(nearestGlass('cylinder', '30')?.capacity).toBe('50')
  expect(nearestGlass('pipette', '500')).toBeUndefined()
})
