/** Where a cell says something about what is typed into it. */
export const UNDER_THE_CELL = 'absolute top-full right-0 z-10 mt-1 rounded-md border px-2 py-1 text-sm whitespace-nowrap'
