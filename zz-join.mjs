import { chromium } from '@playwright/test';
import { readFileSync } from 'node:fs';
const b=await chromium.launch({executablePath:'/usr/bin/chromium',chromiumSandbox:false,args:['--disable-gpu']});
const p=await b.newPage({viewport:{width:1960,height:860}});
const imgs=['signin-es','join-es-night','join-es-night-codes','guest-es-lamp-phone','helm-mate'].map(f=>`<img height=844 src="data:image/png;base64,${readFileSync(`/tmp/shot-${f}.png`).toString('base64')}">`).join('');
await p.setContent(`<body style="margin:0;display:flex">${imgs}</body>`); await p.waitForTimeout(500);
await p.screenshot({path:'/tmp/sheet1.png'});
await b.close();
