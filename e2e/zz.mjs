import { chromium } from 'playwright'
const b=await chromium.launch({executablePath:'/usr/bin/chromium'})
const p=await b.newPage({viewport:{width:1280,height:800}})
await p.goto('http://localhost:4710/task/boards/r1'); await p.waitForTimeout(3500)
for (const m of ['L']) { const t=p.getByText('Jar '+m,{exact:true}).first(); await t.click().catch(e=>console.log(m,e.message.slice(0,200))); await p.waitForTimeout(9000); await p.screenshot({path:`/tmp/z_${m}.png`}) }
await b.close()
