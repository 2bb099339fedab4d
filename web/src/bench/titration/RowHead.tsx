/** The heading of a row, with its unit beneath: units never stand in the cells. */
export function RowHead({ says, unit }: { readonly says: string; readonly unit?: string }) {
  return (
    <th scope="row" className="sticky left-0 z-10 bg-sheet py-2 pr-2 text-left align-middle leading-tight">
      <span className="block text-[0.95rem] font-semibold">{says}</span>
      {unit && <span className="block text-sm font-normal text-ink-soft">{unit}</span>}
    </th>
  )
}
