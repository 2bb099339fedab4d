import { readFileSync } from 'node:fs'
import { it } from 'vitest'
import { readSheet, acceptSheet, makesAll, reviseSheet, readingOf, isAccepted } from './brief/index.ts'
import { newTask } from './record/index.ts'
it('x', () => {
  const text=readFileSync(`/tmp/iron-moss.txt`,'utf8')
  let t:any=reviseSheet(newTask('x','empty',()=>0.3),{text})
  const r=readingOf(t)!
  t=acceptSheet(t,r,r.steps.find(s=>s.makes.parts.includes('s1'))!.makes)
  console.log(t.parts.map((p:any)=>p.id), t.materials.map((m:any)=>m.id), r.steps.map(s=>isAccepted(t,s)).join())
  t=acceptSheet(t,r,makesAll(r))
  console.log(t.parts.map((p:any)=>p.id), t.questions.length)
  t=structuredClone(t); t.parts[2].runs[0].initial='0.00'
  let u=reviseSheet(t,{text:text.replace('25.0 cm3','20.0 cm3').replace('0.0150','0.0200').replace('6. Fill','5a. Weigh 1.0 g of N1 accurately. 6. Fill')})
  console.log(JSON.stringify(u.parts), JSON.stringify(u.materials), JSON.stringify(u.brief?.ids))
})
