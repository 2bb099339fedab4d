/** A name of letters, digits and hyphens, as every system takes them, made of a title. */
export function fileNameOf(title: string, otherwise = 'task'): string {
  const plain = title
    .normalize('NFKD')
    .replace(/[^\w\s-]/g, '')
    .trim()
    .toLowerCase()
    .replace(/\s+/g, '-')
    .slice(0, 60)
  return plain || otherwise
}

/** The file name of a task. */
export const taskFileName = (title: string): string => `${fileNameOf(title)}.hoplark.json`
