import react from '@vitejs/plugin-react';
import { fileURLToPath } from 'node:url';
import { defineConfig, type Plugin } from 'vite';

/** `SLOW_SPOON_DATA=demo vite` shows the demo, as the server does for the built app. */
const dataMode: Plugin = {
  name: 'slow-spoon-data',
  transformIndexHtml: (html) =>
    process.env.SLOW_SPOON_DATA === 'demo' ? html.replace('content="own"', 'content="demo"') : html,
};

const FIRST_LIBRARIES =
  /node_modules\/(react|react-dom|scheduler|react-router|@tanstack|dexie|dexie-react-hooks|comlink|d3-shape|d3-path|quickselect)\//;
const FIRST_SCREEN =
  /src\/(app\/(App|main|shell\/(?!KeysDialog)|data\/(?!demo|saveText)|figures\/(LotCutApart|LastPlate|MaterialPatterns|PlatesRow|SmallPot|materials|strands\/(?!StrandsTable))|meat\/(?!LotDetails|BuyPanel|CostPanel|SwapPanel|PriceField)|order\/(PlatesWanted|DishCount)|parts\/(?!Weigh|Caution|NothingYet|Unaccounted|Bowl|sortable|fields\/(TextField|PercentField|LengthField|Tick))|plates\/Enough)|core\/(?!batch\/(schema|file|jitless)|clock\/day|draws|pooled|shop|meat\/cookedModel|pot\/(liquid\/(allergens|search|hints)|sear\/pans|recipe|vessel\/(?!shape|stands))|reckoning\/(day|lidFor|draws\/(draws|yieldDraws|margins)|pictures\/sear|printed|kitchenYields|recipeOut))|store\/(?!files)|reference\/(?!pantry)|workers\/client)/;

export default defineConfig({
  plugins: [react(), dataMode],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  worker: { format: 'es' },
  // A small font or picture must not become a data: address, which the policy refuses.
  build: {
    target: 'es2023',
    assetsInlineLimit: 0,
    rolldownOptions: {
      output: {
        // What the first screen needs comes in two files, not in twenty: each costs a slow machine time.
        codeSplitting: {
          groups: [
            { name: 'libraries', test: FIRST_LIBRARIES },
            { name: 'app', test: FIRST_SCREEN },
          ],
        },
      },
    },
  },
  css: { preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ['import'] } } },
  server: { host: '127.0.0.1', strictPort: true },
});
