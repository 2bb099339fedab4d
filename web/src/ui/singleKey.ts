/** Whether a key was pressed inside a dialog, list or menu, where letters choose among what is there. */
function insidePopUp({ target }: KeyboardEvent): boolean {
  return target instanceof Element && target.closest('[role="dialog"], [role="listbox"], [role="menu"]') !== null
}

/** How a shortcut of one key, without Ctrl or Alt, is listened for: not while typing, nor in anything that has popped up. */
export const SINGLE_KEY = { preventDefault: true, ignoreEventWhen: insidePopUp } as const
