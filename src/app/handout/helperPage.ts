import { feels, type Handout } from '@/core/meal/index.ts';
import { G_PER_LB, ML_PER_CUP } from '@/core/quantity/index.ts';
import { jobsWords } from '@/words/index.ts';
import { runHelperPage } from './runHelperPage.ts';

/** Nothing of it is read as markup, wherever in a page it stands. */
const escaped = (json: unknown): string => JSON.stringify(json).replaceAll('<', '\\u003c');
const asText = (words: string): string =>
  words.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('"', '&quot;');

const STYLE = `:root{color-scheme:light dark}body{font:17px/1.45 system-ui,sans-serif;max-width:34rem;margin:0 auto;padding:1rem}
li{border-top:1px solid #8885;padding:.7rem 0;list-style:none}ol{padding:0}time{opacity:.75;margin-right:.6rem}
label{display:block;margin:.4rem 0}input,select,button{font:inherit;padding:.5rem;min-height:44px}input[type=checkbox]{width:1.5rem;height:1.5rem;min-height:0;vertical-align:middle}
.is-done b{opacity:.5;text-decoration:line-through}.wrong{color:#b3261e}small{display:block;opacity:.8}`;

/**
 * One person’s part of a day as a page of one file that any browser opens, with no network: it keeps what is written in it where the browser lets it, and saves
 * what goes back.
 */
export const helperPage = (handout: Handout): string => `<!doctype html>
<html lang="en">
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<title>${asText(handout.who.name)}: ${asText(handout.meal.name)}</title>
<style>${STYLE}</style>
<h1>${asText(handout.who.name)}, ${jobsWords(handout.jobs.length)}</h1>
<p>${asText(handout.meal.name)}</p>
<ol id="jobs"></ol>
<label>A note <input id="note" size="30"></label>
<p><button id="save">Save what goes back</button> <span id="said" role="status"></span></p>
${handout.cautions.map((one) => `<p>${asText(one)}</p>`).join('\n')}
<script>(${String(runHelperPage)})(${escaped(handout)}, ${escaped({ feels, gPerLb: G_PER_LB, mlPerCup: ML_PER_CUP })})</script>
</html>
`;
