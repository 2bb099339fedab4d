/** What a table says under a row whose number is none. */
export function NotANumberRow({ columns }: { readonly columns: number }) {
  return (
    <tr>
      <td colSpan={columns} role="alert" className="text-sm text-litmus">
        digits and a point only, no unit
      </td>
    </tr>
  )
}
