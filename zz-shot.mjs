import { chromium } from '@playwright/test';
const b = await chromium.launch({executablePath:'/usr/bin/chromium-headless-shell',chromiumSandbox:false,args:['--disable-gpu','--font-render-hinting=none']});
const c=await b.newContext({viewport:{width:390,height:844},hasTouch:true,deviceScaleFactor:1}); const page=await c.newPage();
await page.goto('http://127.0.0.1:4304/water?setup=setup-crimped-minnow'); await page.waitForTimeout(2500); await page.screenshot({path:'/tmp/w1.png',clip:{x:0,y:200,width:390,height:400}});
await b.close();
