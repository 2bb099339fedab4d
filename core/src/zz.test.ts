import { readFileSync } from 'node:fs'
import { it } from 'vitest'
import { score } from './brief/testing/score.ts'
it('x', () => {
  const sets=(process.env.SETS??'open,second,third').split(',')
  const d = JSON.parse(readFileSync('/work/shared/studies/sheets/sheets.json','utf8'))
  const t:any={materials:[0,0,0],parts:[0,0,0],acts:[0,0,0],questions:[0,0,0]}; let ok=0,all=0
  for (const s of d.filter((s:any)=>sets.includes(s.set))) {
    let r; try { r=score(s) } catch(e:any) { console.log('!!',s.id,e.stack.slice(0,400)); all++; continue }
    all++; if (r.wrong.length===0) ok++; else if(!process.env.QUIET) console.log('== '+s.id+'\n   '+r.wrong.join('\n   '))
    for (const k of Object.keys(t)) { const c=(r as any)[k]; t[k][0]+=c.right;t[k][1]+=c.missing;t[k][2]+=c.extra }
  }
  console.log('whole',ok,'of',all, Object.entries(t).map(([k,[r,m,x]]:any)=>`${k} recall ${(r/(r+m)).toFixed(2)} precision ${(r/(r+x)).toFixed(2)}`).join('; '))
})
