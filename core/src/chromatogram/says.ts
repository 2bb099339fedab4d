import { problemsIn, type Wording } from '../problem/index.ts'

/** What looks wrong in a chromatogram, in words. */
export const chromatogramProblem = problemsIn({
  'chromatogram.front': {
    level: 'error',
    says: ({ front }) => `The solvent front is given as ${front}.`,
    mend: () => 'Measure from the pencil line to the front, which you marked before it dried.',
  } satisfies Wording<{ front: string }>,
  'chromatogram.beyondFront': {
    level: 'error',
    says: ({ label, distance, front }) =>
      `A spot of ${label} is at ${distance}, outside the way the solvent went${front === '' ? '' : `, ${front}`}.`,
    mend: () => 'Measure both from the pencil line, to the middle of the spot and to the front.',
  } satisfies Wording<{ label: string; distance: string; front: string }>,
  'chromatogram.tellsLittle': {
    level: 'advice',
    says: ({ label, rf, moved }) =>
      `The spot of ${label} at Rf ${rf} ${moved === 'hardly' ? 'has hardly moved' : 'ran with the solvent'}.`,
    mend: () => 'Another solvent would tell it from others that do the same.',
  } satisfies Wording<{ label: string; rf: string; moved: 'hardly' | 'all the way' }>,
})
