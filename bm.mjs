import { readFileSync, writeFileSync } from 'node:fs'
let s=readFileSync('benchmarks/modules.mjs','utf8')
s=s.slice(0,s.indexOf("told('Node'"))+"\ngiven.modules.forEach((m,i)=>writeFileSync('/tmp/mod'+i+'.mjs',m))\n"
s="import { writeFileSync } from 'node:fs'\n"+s
writeFileSync('benchmarks/tmp-m.mjs',s)
await import('/work/main/benchmarks/tmp-m.mjs')
import { unlinkSync } from 'node:fs'; unlinkSync('benchmarks/tmp-m.mjs')
