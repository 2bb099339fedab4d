/**
 * How a report looks by itself and on paper: dark on white, page numbers, headings that stay with what follows, no row cut
 * at the end of a page.
 */
export const SHEET_STYLE = `
@page { margin: 20mm 18mm 22mm; @bottom-center { content: counter(page) " / " counter(pages); font: 9pt sans-serif; } }
body { margin: 0; background: #fff; color: #1c2733; font: 11pt/1.5 "Atkinson Hyperlegible Next", "Segoe UI", Arial, sans-serif; }
main { max-width: 46rem; margin: 2rem auto; padding: 0 1.5rem; }
h1 { font-size: 20pt; margin: 0 0 .2em; }
h2 { font-size: 14pt; margin: 1.6em 0 .4em; border-bottom: 1.5px solid #1c2733; }
h3 { font-size: 11.5pt; margin: 1.2em 0 .3em; }
h1, h2, h3, caption { break-after: avoid; line-height: 1.25; }
p, ul, ol { margin: .4em 0; orphans: 3; widows: 3; }
table { border-collapse: collapse; margin: .8em 0 .4em; max-width: 100%; }
caption { text-align: left; font-weight: 600; padding-bottom: .3em; }
th, td { border: 1px solid #8a8f94; padding: .25em .6em; text-align: left; vertical-align: top; overflow-wrap: anywhere; }
th { font-weight: 600; }
.number { text-align: right; font-variant-numeric: tabular-nums; white-space: nowrap; }
tr, figure, li { break-inside: avoid; }
thead { display: table-header-group; }
figure { margin: 1em 0; }
figure svg, figure img { max-width: 100%; height: auto; }
figcaption, .note { font-size: 9.5pt; color: #454b52; }
.result { font-weight: 700; font-size: 12.5pt; }
sub, sup { line-height: 0; font-size: .72em; }
@media print { main { max-width: none; margin: 0; padding: 0; } }
`
