/** Why a file cannot be read as a sheet: what is wrong, and what to do. */
export class SheetFileError extends Error {}
