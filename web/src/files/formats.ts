import type { FileFormat } from '@hop-lark/files'

/** What a task can be saved as, in the order of a menu. */
export const FORMATS = {
  html: { says: 'Report as a page (HTML)', ending: 'html', type: 'text/html' },
  docx: {
    says: 'Report for Word (DOCX)',
    ending: 'docx',
    type: 'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
  },
  md: { says: 'Report as plain text (Markdown)', ending: 'md', type: 'text/markdown' },
  csv: { says: 'Readings as tables (CSV, zipped)', ending: 'csv.zip', type: 'application/zip' },
  eln: { says: 'Everything, as an archive (ELN)', ending: 'eln', type: 'application/zip' },
} as const satisfies Record<FileFormat, { readonly says: string; readonly ending: string; readonly type: string }>
