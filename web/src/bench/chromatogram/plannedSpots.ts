import type { PartOf } from '@hop-lark/core/record'

type Planned = NonNullable<PartOf<'chromatogram'>['planned']>[number]

/** What was spotted, as the sheet says, and has no spot measured yet. */
export const spotsLeft = ({ planned = [], spots }: PartOf<'chromatogram'>): readonly Planned[] =>
  planned.filter(({ label }) => !spots.some((spot) => spot.label === label))
