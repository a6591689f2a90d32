import { chromium } from 'playwright';
import { startServed } from './served.mjs';
import { CHROMIUM_ARGS, ensureChromium } from './chromium.mjs';
const served=await startServed({demo:true});
const b=await chromium.launch({executablePath:ensureChromium(),args:CHROMIUM_ARGS});
const c=await b.newContext({viewport:{width:390,height:844},isMobile:true,hasTouch:true,locale:process.argv[2]??'es-ES',deviceScaleFactor:1});
const p=await c.newPage(); p.on('pageerror',e=>console.log('PAGEERROR',e.message.slice(0,300))); p.on('console',m=>m.type()==='error'&&console.log('CONSOLE',m.text().slice(0,200)));
for(const [n,u,w] of [['plan','/',9000],['kitchen','/kitchen',2500],['book','/book',3000],['pass','/pass',2500],['stove','/stove',2500]]){ await p.goto(served.url+u); await p.waitForTimeout(w); await p.screenshot({path:`/tmp/look-${n}.png`}); console.log(n, await p.evaluate(()=>document.documentElement.lang)); }
await b.close(); await served.kill('SIGKILL');
