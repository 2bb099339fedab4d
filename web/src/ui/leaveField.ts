/** Leaves a field for what it stands in, so that the cursor never falls off the page and single keys work again. */
export function leaveField(field: HTMLElement): void {
  const around = field.closest<HTMLElement>('[role=dialog], main')
  if (around) around.focus({ preventScroll: true })
  else field.blur()
}
