const MEGABYTE = 1024 * 1024

/** Largest file that is looked at, in bytes, as it comes. */
export const LARGEST_FILE = 40 * MEGABYTE
/** Most that an archive may unpack to, in bytes, and most files it may hold. */
export const LARGEST_UNPACKED = 160 * MEGABYTE
export const MOST_FILES = 4000
/** Largest table that is read from a CSV file, in bytes, and most rows. */
export const LARGEST_TABLE = 4 * MEGABYTE
export const MOST_ROWS = 10_000

/** A size as people say it. */
export const inMegabytes = (bytes: number): string => `${(bytes / MEGABYTE).toFixed(1)} MB`
