/** The file name of a task, of letters, digits and hyphens of its title, as every system takes them. */
export function taskFileName(title: string): string {
  const plain = title
    .normalize('NFKD')
    .replace(/[^\w\s-]/g, '')
    .trim()
    .toLowerCase()
    .replace(/\s+/g, '-')
    .slice(0, 60)
  return `${plain || 'task'}.hoplark.json`
}
