const SIGNS: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;', "'": '&#39;' }

/** Text that can stand in HTML, between tags and in attributes, whatever it says. Characters that XML forbids are left out. */
export function escaped(text: string): string {
  return text.replace(/[&<>"']/g, (sign) => SIGNS[sign] ?? sign).replace(/[^\P{Cc}\t\n\r]/gu, '')
}
