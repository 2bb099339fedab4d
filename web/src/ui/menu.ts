/** How every menu looks, and a line of it. */
export const MENU = 'z-50 min-w-60 rounded-lg border border-rule bg-sheet p-1'
export const MENU_ITEM =
  'flex min-h-9 cursor-pointer items-center rounded px-3 outline-none data-[highlighted]:bg-hop-wash data-[disabled]:cursor-default data-[disabled]:text-ink-soft'
