import { type NamedRow, row } from './row.ts';

/** What is poured: water, stock, wine, spirits, juices. */
export const poured: readonly NamedRow[] = [
  // Water, stock.
  row(
    'water',
    'water|tap water|boiling water|hot water|cold water|pasta water|cooking water|soaking water|warm water|iced water',
  ),
  row(
    'stock-low-salt',
    'low salt stock|low sodium stock|low sodium broth|low sodium beef broth|low sodium chicken broth|low sodium beef stock|low sodium chicken stock|low salt beef stock|low salt chicken stock|reduced salt stock|unsalted stock|unsalted broth|unsalted beef broth|unsalted chicken stock|unsalted chicken broth|no salt added broth|reduced sodium beef broth|reduced sodium chicken broth',
  ),
  row(
    'stock-beef',
    'beef stock|beef broth|stock|broth|bone broth|beef bone broth|brown stock|meat stock|veal stock|lamb stock|beef consomme',
  ),
  row(
    'stock-chicken',
    'chicken stock|chicken broth|turkey stock|poultry stock|white stock|chicken bone broth',
  ),
  row('broth-canned', 'canned chicken broth|tinned chicken broth|salted chicken broth'),
  row('stock-vegetable', 'vegetable stock|vegetable broth|veggie stock|veg stock'),
  row('fish-stock', 'fish stock|fish broth|fish fumet|dashi|shellfish stock'),
  row(
    'bouillon-cube',
    'beef bouillon cube|beef stock cube|bouillon cube|stock cube|oxo cube|beef cube bouillon',
  ),
  row('sr24-06081', 'chicken stock cube|chicken bouillon cube', { name: 'bouillon cube, chicken' }),
  // Wine, beer, spirits.
  row(
    'wine-red',
    'red wine|dry red wine|red cooking wine|full bodied red wine|cabernet|cabernet sauvignon|pinot noir|burgundy|chianti|malbec|rioja|shiraz|zinfandel|tempranillo|barolo|wine',
    { pieces: { glass: 150 } },
  ),
  row('sr24-14602', 'merlot'),
  row(
    'wine-white',
    'white wine|dry white wine|white cooking wine|sauvignon blanc|pinot grigio|riesling|white vermouth wine',
    { pieces: { glass: 150 } },
  ),
  row('sr24-14160', 'chardonnay'),
  row('sherry-dry', 'sherry|dry sherry|fino|fino sherry|amontillado|cooking sherry|oloroso'),
  row(
    'port',
    'port|ruby port|tawny port|port wine|marsala|marsala wine|dry marsala|madeira|sweet sherry|cream sherry',
  ),
  row('vermouth', 'vermouth|dry vermouth|white vermouth'),
  row(
    'shaoxing',
    'shaoxing|shaoxing wine|shaoxing rice wine|shaohsing wine|chinese cooking wine|chinese rice wine|rice wine',
  ),
  row('mirin', 'mirin|sweet rice wine'),
  row('sake', 'sake|cooking sake'),
  row(
    'beer',
    'beer|lager|ale|stout|porter|dark beer|brown ale|pale ale|pilsner|mexican beer|dark lager|belgian beer|amber ale|light beer',
    { pieces: { can: 355, tin: 355, glass: 300 } },
  ),
  row(
    'cider-hard',
    'hard cider|dry cider|medium cider|strong cider|still cider|cloudy cider|alcoholic cider',
  ),
  row('cider-hard apple-juice', 'cider'),
  row('apple-juice', 'apple juice|apple cider|sweet cider|cloudy apple juice|fresh pressed apple juice'),
  row('sr24-14037', 'brandy|cognac|armagnac|calvado|tequila|mezcal|spirit', {
    name: 'brandy, tequila or another spirit',
    pieces: { shot: 42 },
  }),
  row('sr24-14052', 'whiskey|whisky|bourbon|scotch|rye whiskey|scotch whisky', {
    name: 'whiskey',
    pieces: { shot: 42 },
  }),
  row('sr24-14050', 'rum|dark rum|white rum|golden rum', { name: 'rum', pieces: { shot: 42 } }),
  row('sr24-14051', 'vodka', { name: 'vodka', pieces: { shot: 42 } }),
  row('sr24-14049', 'gin', { name: 'gin', pieces: { shot: 42 } }),
  // Drinks and juices.
  row('cola', 'cola|coke|can cola|full sugar cola', { pieces: { can: 370, tin: 370, bottle: 520 } }),
  row('root-beer', 'root beer', { pieces: { can: 370, bottle: 370 } }),
  row('ginger-ale', 'ginger ale|ginger beer', { pieces: { can: 366 } }),
  row('coffee', 'coffee|black coffee|brewed coffee|strong coffee|strong black coffee|espresso|cold brew'),
  row('orange-juice', 'orange juice|oj|juice orange|blood orange juice', { pieceG: 86 }),
  row('sr24-09160', 'lime juice|juice lime', { name: 'lime juice', pieceG: 38 }),
  row('sr24-09152', 'lemon juice|juice lemon', { name: 'lemon juice', pieceG: 48 }),
  row('sr24-09273', 'pineapple juice', { name: 'pineapple juice' }),
  row('sr24-09123', 'grapefruit juice', { name: 'grapefruit juice' }),
  row('sr24-09135', 'grape juice', { name: 'grape juice' }),
  row('sr24-11540', 'tomato juice', { name: 'tomato juice' }),
  row('orange-zest', 'orange zest|zest orange|grated orange zest|orange rind'),
  row('lemon-zest', 'lemon zest|zest lemon|grated lemon zest|lemon peel|lemon rind|lime zest|zest lime'),
  row(
    'orange-peel',
    'orange peel|strip orange peel|orange strip|strip orange zest|strip orange|orange zest strip|orange peel strip',
  ),
  row('sr24-09200', 'orange|navel orange|juicing orange|bitter orange', {
    pieces: { slice: 18, wedge: 23 },
    name: 'orange',
    pieceG: 140,
  }),
  row('sr24-09159', 'lime', { pieces: { slice: 6, wedge: 11 }, name: 'lime', pieceG: 67 }),
  row('sr24-09150', 'lemon', { pieces: { slice: 8, wedge: 14 }, name: 'lemon', pieceG: 84 }),
  row('sr24-09003', 'apple|cooking apple|eating apple|bramley apple|granny smith apple|tart apple', {
    name: 'apple',
    pieceG: 182,
  }),
  row('sr24-09266', 'pineapple|fresh pineapple', { name: 'pineapple', pieceG: 905 }),
  row('sr24-09252', 'pear', { name: 'pear', pieceG: 178 }),
  row('sr24-09296', 'quince', { name: 'quince', pieceG: 92 }),
];
