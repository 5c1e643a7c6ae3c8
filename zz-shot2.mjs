import { chromium } from '@playwright/test';
const b = await chromium.launch({executablePath:'/usr/bin/chromium-headless-shell',chromiumSandbox:false,args:['--disable-gpu','--font-render-hinting=none']});
const d=await b.newContext({viewport:{width:1280,height:800}}); const p2=await d.newPage();
await p2.goto('http://127.0.0.1:4304/water?setup=setup-crimped-minnow'); await p2.waitForTimeout(2000); await p2.screenshot({path:'/tmp/w2.png'});
await b.close();
