interface WrongRowProps {
  readonly id: string
  readonly columns: number
  readonly says: string
}

/** What a table says under a row in which something typed cannot be a reading. */
export function WrongRow({ id, columns, says }: WrongRowProps) {
  return (
    <tr>
      <td id={id} colSpan={columns} role="alert" className="text-sm text-litmus">
        {says}
      </td>
    </tr>
  )
}
