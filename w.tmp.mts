import { chromium } from 'playwright-core';
import { browserOptions } from './e2e/chromium.ts';
const b=await chromium.launch(browserOptions);
const c=await b.newContext({viewport:{width:390,height:844},serviceWorkers:'block',timezoneId:'Europe/Amsterdam'});
const p=await c.newPage();
await p.goto('http://127.0.0.1:4199/'); await p.waitForTimeout(4000);
await p.goto('http://127.0.0.1:4199/meals/lantern-weekend/event'); await p.waitForTimeout(7000);
console.log(await p.evaluate(()=>[...document.querySelectorAll('*')].filter(e=>e.getBoundingClientRect().right>400).slice(0,12).map(e=>e.tagName+'.'+e.className+' '+e.getBoundingClientRect().right)));
await b.close();
