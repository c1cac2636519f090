/**
 * What cooks call what the tables hold (common practice, no source): by id its everyday, regional and label names, in the singular,
 * and what is known of it beside its row: a name of its own, one of it in g, what its bunch, bulb or slice weighs (estimates; from
 * memory), and whether it is sold in the tins that are usual where one cooks.
 */
export interface NamedRow {
  readonly id: string;
  /** With "|" between them. */
  readonly names: string;
  /** What it is shown as, where the published table's name is no cook's. */
  readonly name?: string;
  readonly pieceG?: number;
  readonly pieces?: Readonly<Record<string, number>>;
  readonly tinned?: true;
}

const row = (id: string, names: string, more: Omit<NamedRow, 'id' | 'names'> = {}): NamedRow => ({
  id,
  names,
  ...more,
});
const tinned = { tinned: true } as const;

export const namedRows: readonly NamedRow[] = [
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
  // Onions and their like.
  row(
    'onion',
    'onion|yellow onion|white onion|red onion|brown onion|spanish onion|cooking onion|sweet onion|vidalia onion|onion chopped',
    { pieces: { slice: 14 } },
  ),
  row('onion-half', 'onion half|half onion|onion half left whole'),
  row('onion-pearl', 'pearl onion|pickling onion|button onion|baby onion|silverskin onion|cipollini onion'),
  row('shallot', 'shallot|round shallot|french shallot'),
  row('shallot-banana', 'banana shallot|echalion shallot|echalion|long shallot'),
  row('sr24-11291', 'spring onion|scallion|green onion|salad onion', {
    name: 'spring onion',
    pieceG: 15,
    pieces: { bunch: 100 },
  }),
  row('leek', 'leek|leek white'),
  row('garlic', 'garlic|garlic clove|clove garlic', { pieces: { head: 30, bulb: 30 } }),
  row('sr24-02020', 'garlic powder|granulated garlic|dried garlic', { name: 'garlic powder' }),
  row('sr24-02026', 'onion powder|granulated onion|dried onion', { name: 'onion powder' }),
  row(
    'ginger',
    'ginger|fresh ginger|ginger root|fresh ginger root|root ginger|fresh root ginger|stem ginger root|galangal',
    { pieces: { slice: 2.2, coin: 2.2, piece: 15, thumb: 15, knob: 15, inch: 15 } },
  ),
  // Vegetables.
  row('carrot', 'carrot|baby carrot'),
  row('celery', 'celery|celery stalk|celery stick|celery rib|stick celery|rib celery|stalk celery', {
    pieces: { stick: 40, stalk: 40, rib: 40, head: 450, bunch: 450 },
  }),
  row('celeriac', 'celeriac|celery root'),
  row('parsnip', 'parsnip'),
  row('sr24-11564', 'turnip|white turnip', { name: 'turnip', pieceG: 122 }),
  row('sr24-11435', 'swede|rutabaga|neep|yellow turnip', { name: 'swede', pieceG: 386 }),
  row(
    'potato',
    'potato|waxy potato|floury potato|new potato|yukon gold potato|russet potato|white potato|red potato|baby potato|maris piper potato|fingerling potato|baking potato|potato in cube',
  ),
  row('sweet-potato', 'sweet potato|yam|kumara|orange sweet potato'),
  row('sr24-11957', 'fennel|fennel bulb|bulb fennel|florence fennel', {
    name: 'fennel bulb',
    pieceG: 234,
    pieces: { bulb: 234, head: 234 },
  }),
  row(
    'sr24-11821',
    'red pepper|red bell pepper|bell pepper|sweet pepper|capsicum|red capsicum|sweet red pepper|roasted red pepper|orange bell pepper',
    { name: 'red pepper, sweet', pieceG: 119 },
  ),
  row('sr24-11333', 'green pepper|green bell pepper|green capsicum', {
    name: 'green pepper, sweet',
    pieceG: 119,
  }),
  row('sr24-11951', 'yellow pepper|yellow bell pepper|yellow capsicum', {
    name: 'yellow pepper, sweet',
    pieceG: 186,
  }),
  row('sr24-11943', 'pimento|pimiento', { name: 'pimientos, canned' }),
  row('eggplant', 'aubergine|eggplant|brinjal'),
  row('sr24-11477', 'courgette|zucchini', { name: 'courgette', pieceG: 196 }),
  row('mushroom', 'mushroom|button mushroom|white mushroom|closed cup mushroom'),
  row(
    'sr24-11266',
    'chestnut mushroom|cremini mushroom|crimini mushroom|brown mushroom|baby bella mushroom|cremini',
    { name: 'chestnut mushrooms', pieceG: 20 },
  ),
  row('sr24-11265', 'portobello mushroom|portobello|portabella|flat mushroom|field mushroom', {
    name: 'portobello mushroom',
    pieceG: 84,
  }),
  row('sr24-11238', 'shiitake mushroom|shiitake|fresh shiitake', {
    name: 'shiitake mushrooms, fresh',
    pieceG: 19,
  }),
  row('sr24-11268', 'dried shiitake mushroom|dried shiitake|dried shitake mushroom', {
    name: 'shiitake mushrooms, dried',
    pieceG: 3.6,
  }),
  row(
    'mushroom-dried',
    'dried porcini|dried porcini mushroom|dried wild mushroom|dried mushroom|dried cep|porcini',
  ),
  row('sr24-11109', 'cabbage|white cabbage|green cabbage|head cabbage', {
    name: 'cabbage',
    pieceG: 908,
    pieces: { leaf: 23, head: 908 },
  }),
  row('sr24-11112', 'red cabbage', { name: 'red cabbage', pieceG: 839, pieces: { head: 839 } }),
  row('sr24-11114', 'savoy cabbage|savoy', { name: 'savoy cabbage', pieceG: 900, pieces: { head: 900 } }),
  row('sr24-11457', 'spinach|baby spinach|spinach leaf', {
    name: 'spinach',
    pieces: { leaf: 10, bunch: 340, bag: 200 },
  }),
  row('kale', 'kale|cavolo nero|curly kale|lacinato kale', { pieces: { bunch: 200 } }),
  row('peas', 'pea|green pea|frozen pea|garden pea|petit poi'),
  row('sr24-11485', 'butternut squash|butternut|squash', { name: 'butternut squash', pieceG: 1000 }),
  row('sr24-11422', 'pumpkin', { name: 'pumpkin' }),
  row(
    'corn-cob',
    'corn cob|corn on the cob|cob corn|ear corn|sweetcorn cob|cob sweetcorn|sweetcorn|corn|corn kernel|ear sweetcorn',
    { pieces: { cob: 90, ear: 90 } },
  ),
  row('sr24-11954', 'tomatillo', { name: 'tomatillo', pieceG: 34 }),
  row('sr24-11963', 'nopal|nopale|cactus paddle', { name: 'nopales' }),
  row('sr24-11278', 'okra|lady s finger', { name: 'okra' }),
  row('sr24-11603', 'jicama', { name: 'jicama' }),
  row('sr24-11430', 'daikon|mooli|daikon radish', { name: 'daikon', pieceG: 340 }),
  row('sr24-11080', 'beetroot|beet', { name: 'beetroot', pieceG: 82 }),
  row('sr24-09277', 'plantain', { name: 'plantain', pieceG: 179 }),
  row('lemongrass', 'lemongrass|lemon grass|lemongrass stalk|stalk lemongrass|stick lemongrass'),
  // Tomatoes.
  row(
    'sr24-11529',
    'tomato|ripe tomato|fresh tomato|red tomato|vine tomato|beefsteak tomato|salad tomato|tomato on the vine',
    { pieces: { slice: 20 }, name: 'tomato', pieceG: 123 },
  ),
  row('tomato-plum', 'plum tomato|roma tomato|san marzano tomato fresh|fresh plum tomato|italian tomato'),
  row('tomato-cherry', 'cherry tomato|grape tomato|baby plum tomato', { pieces: { punnet: 250, pint: 300 } }),
  row(
    'tomatoes-canned',
    'tinned tomato|tinned chopped tomato|tinned diced tomato|tinned plum tomato|tinned peeled tomato|tinned whole tomato|tinned whole peeled tomato|tinned san marzano tomato|tinned petite diced tomato|tinned peeled plum tomato|chopped tomato|diced tomato|san marzano tomato|whole peeled tomato|peeled tomato|peeled plum tomato|tinned whole plum tomato|tinned roma tomato|tinned stewed tomato',
    tinned,
  ),
  row(
    'tomatoes-crushed',
    'crushed tomato|tinned crushed tomato|polpa|tinned crushed san marzano tomato|finely chopped tomato pulp',
    tinned,
  ),
  row(
    'tomatoes-fire-roasted',
    'fire roasted tomato|fire roasted diced tomato|fire roasted crushed tomato|tinned fire roasted tomato|tinned fire roasted diced tomato|tinned fire roasted crushed tomato',
    tinned,
  ),
  row(
    'tomatoes-cherry-tinned',
    'tinned cherry tomato|tinned datterini tomato|tinned baby plum tomato',
    tinned,
  ),
  row(
    'sr24-11537',
    'tomato with green chilli|tinned tomato with green chilli|tinned diced tomato with green chilli|tomato and green chilli|diced tomato and green chilli',
    { name: 'tomatoes with green chillies, tinned', ...tinned },
  ),
  row('tomato-puree', 'passata|strained tomato|sieved tomato|tomato passata|tinned tomato puree', {
    pieces: { jar: 690, carton: 500 },
  }),
  row(
    'tomato-paste',
    'tomato paste|tomato puree|double concentrate tomato puree|tomato concentrate|concentrated tomato paste|double concentrated tomato paste|sun dried tomato paste|tinned tomato paste',
    { pieces: { tube: 140, tin: 140, can: 170 } },
  ),
  row('sr24-11549', 'tomato sauce|tinned tomato sauce', { name: 'tomato sauce, tinned' }),
  row('sr24-11955', 'sun dried tomato|sundried tomato|dried tomato', { name: 'sun-dried tomato', pieceG: 2 }),
  row('sr24-11956', 'sun dried tomato in oil|sundried tomato in oil', {
    name: 'sun-dried tomato in oil',
    pieceG: 3,
  }),
  row('ketchup', 'ketchup|tomato ketchup|catsup'),
  // Chillies.
  row(
    'chilli-dried',
    'dried chilli|dried red chilli|dried chilli pepper|whole dried chilli|dried red chilli pepper|dried hot chilli',
  ),
  row('chilli-dried chilli-red sr24-11979', 'chilli|chilli pepper|hot pepper|hot chilli'),
  row(
    'chilli-guajillo',
    'guajillo|guajillo chilli|guajillo pepper|dried guajillo|dried guajillo chilli|guajillo chilli pepper',
  ),
  row(
    'sr24-11978',
    'ancho|ancho chilli|ancho pepper|dried ancho|dried ancho chilli|dried poblano|ancho chilli pepper',
    { name: 'ancho chilli, dried', pieceG: 17 },
  ),
  row('sr24-11982', 'pasilla|pasilla chilli|dried pasilla|dried pasilla chilli|pasilla pepper|chilli negro', {
    name: 'pasilla chilli, dried',
    pieceG: 7,
  }),
  row('chilli-mulato', 'mulato|mulato chilli|dried mulato chilli'),
  row(
    'chilli-new-mexico',
    'new mexico chilli|dried new mexico chilli|california chilli|dried california chilli|new mexican chilli|puya chilli|dried new mexico red chilli',
  ),
  row('chilli-cascabel', 'cascabel|cascabel chilli|dried cascabel chilli'),
  row(
    'chilli-chipotle',
    'dried chipotle|dried chipotle chilli|chipotle|chipotle chilli|chipotle morita|morita chilli|dried chipotle pepper',
  ),
  row(
    'chilli-arbol',
    'arbol|arbol chilli|chilli de arbol|dried arbol chilli|chile de arbol|dried chilli de arbol|de arbol chilli|piquin chilli|dried bird s eye chilli',
  ),
  row('chilli-kashmiri', 'kashmiri chilli|dried kashmiri chilli'),
  row(
    'chilli-flakes',
    'chilli flake|red pepper flake|crushed red pepper|crushed red pepper flake|red chilli flake|hot pepper flake|dried chilli flake|aleppo pepper|gochugaru|korean chilli flake|pul biber|crushed chilli|chilli de arbol flake',
  ),
  row('sr24-02031', 'cayenne|cayenne pepper|hot chilli powder|ground cayenne|kashmiri chilli powder', {
    name: 'cayenne',
  }),
  row(
    'chilli-powder',
    'chilli powder|mild chilli powder|ancho chilli powder|ground ancho|chipotle powder|chipotle chilli powder',
  ),
  row(
    'paprika',
    'paprika|smoked paprika|sweet paprika|hot paprika|pimenton|sweet smoked paprika|hot smoked paprika|hungarian paprika|spanish paprika',
  ),
  row('sr24-11979', 'jalapeno|jalapeno chilli|jalapeno pepper|fresh jalapeno|green jalapeno', {
    name: 'jalapeño',
    pieceG: 14,
  }),
  row('sr24-11977', 'serrano|serrano chilli|serrano pepper', { name: 'serrano chilli', pieceG: 6.1 }),
  row('chilli-poblano', 'poblano|poblano chilli|poblano pepper|fresh poblano|roasted poblano'),
  row(
    'chilli-habanero',
    'habanero|habanero chilli|habanero pepper|scotch bonnet|scotch bonnet chilli|scotch bonnet pepper',
  ),
  row(
    'chilli-red',
    'red chilli|fresh red chilli|long red chilli|red finger chilli|mild red chilli|red chilli pepper|cayenne chilli',
  ),
  row(
    'chilli-green',
    'green chilli|fresh green chilli|long green chilli|green finger chilli|green chilli pepper',
  ),
  row(
    'chilli-birds-eye',
    'bird s eye chilli|birds eye chilli|thai chilli|bird eye chilli|thai bird chilli|red thai chilli',
  ),
  row('chilli-fresno', 'fresno|fresno chilli|fresno pepper'),
  row(
    'sr24-11980',
    'tinned green chilli|tinned diced green chilli|diced green chilli|tinned chopped green chilli|hatch chilli|chopped green chilli',
    { name: 'green chillies, tinned', pieces: { tin: 113, can: 113 } },
  ),
  row(
    'chipotle-adobo',
    'chipotle in adobo|chipotle chilli in adobo|chipotle pepper in adobo|chipotle pepper in adobo sauce|chipotle in adobo sauce|chipotle chilli in adobo sauce|tinned chipotle|tinned chipotle in adobo|tinned chipotle pepper in adobo sauce|tinned chipotle pepper in adobo|tinned chipotle chilli in adobo|adobo sauce|adobo sauce from the chipotle|adobo sauce from chipotle|adobo',
  ),
  row('chipotle-paste', 'chipotle paste|chipotle puree'),
  row(
    'chilli-paste',
    'chilli paste|sambal oelek|sambal|chilli garlic sauce|chilli sauce|chilli garlic paste|chilli bean paste|doubanjiang|red chilli paste|chilli crisp',
  ),
  row('gochujang', 'gochujang|korean chilli paste|korean red pepper paste|gochujang paste'),
  row('harissa', 'harissa|harissa paste|rose harissa'),
  row(
    'curry-paste',
    'curry paste|red curry paste|green curry paste|thai red curry paste|massaman curry paste|panang curry paste|thai curry paste',
  ),
  row('tamarind-paste', 'tamarind|tamarind paste|tamarind concentrate|tamarind puree'),
  row('sr24-16112', 'miso|white miso|red miso|brown miso|miso paste|white miso paste', { name: 'miso' }),
  row('sr24-16098', 'peanut butter|smooth peanut butter|creamy peanut butter', { name: 'peanut butter' }),
  row('tahini', 'tahini|sesame paste|tahini paste'),
  // Sauces.
  row(
    'soy-sauce',
    'soy sauce|light soy sauce|soya sauce|low sodium soy sauce|reduced salt soy sauce|soy|all purpose soy sauce',
  ),
  row('soy-dark', 'dark soy sauce|dark soy|dark soya sauce|sweet soy sauce'),
  row('sr24-16124', 'tamari|gluten free soy sauce|tamari sauce|coconut amino', { name: 'tamari' }),
  row('fish-sauce', 'fish sauce|nam pla|nuoc mam'),
  row('sr24-06176', 'oyster sauce', { name: 'oyster sauce' }),
  row('sr24-06175', 'hoisin|hoisin sauce', { name: 'hoisin sauce' }),
  row('sr24-06112', 'teriyaki|teriyaki sauce', { name: 'teriyaki sauce' }),
  row('sr24-06150', 'barbecue sauce|bbq sauce|barbeque sauce|bbq|smoky barbecue sauce', {
    name: 'barbecue sauce',
  }),
  row('sr24-06151', 'plum sauce', { name: 'plum sauce' }),
  row('sr24-06971', 'worcestershire sauce|worcestershire|worcester sauce', { name: 'Worcestershire sauce' }),
  row('sr24-06168', 'hot sauce|hot pepper sauce|louisiana hot sauce|mexican hot sauce|cayenne pepper sauce', {
    name: 'hot sauce',
  }),
  row('sriracha', 'sriracha|sriracha sauce'),
  row('sr24-06164', 'salsa|salsa roja|red salsa|tomato salsa|chunky salsa', { name: 'salsa' }),
  row('salsa-verde', 'salsa verde|green salsa|tomatillo salsa'),
  row('enchilada-sauce', 'enchilada sauce|red enchilada sauce|red chilli sauce'),
  row('sr24-06136', 'mole|mole poblano|mole sauce', { name: 'mole' }),
  row('sr24-02046', 'mustard|yellow mustard|american mustard|prepared mustard|english mustard|mild mustard', {
    name: 'mustard',
  }),
  row(
    'mustard-dijon',
    'dijon|dijon mustard|wholegrain mustard|whole grain mustard|grain mustard|seeded mustard|coarse grain mustard|brown mustard',
  ),
  row('sr24-02055', 'horseradish|prepared horseradish|horseradish sauce|creamed horseradish', {
    name: 'horseradish, prepared',
  }),
  row('liquid-smoke', 'liquid smoke|hickory liquid smoke'),
  row('vinegar', 'vinegar|cider vinegar|apple cider vinegar|malt vinegar'),
  row('sr24-02068', 'red wine vinegar|sherry vinegar|wine vinegar', { name: 'red wine vinegar' }),
  row('vinegar-white-wine', 'white wine vinegar|champagne vinegar'),
  row('sr24-02053', 'white vinegar|distilled vinegar|distilled white vinegar|spirit vinegar', {
    name: 'white vinegar',
  }),
  row('vinegar-rice', 'rice vinegar|rice wine vinegar|seasoned rice vinegar|black vinegar'),
  row('sr24-02069', 'balsamic|balsamic vinegar', { name: 'balsamic vinegar' }),
  row('anchovy', 'anchovy|anchovy fillet|salted anchovy|tinned anchovy', {
    pieces: { fillet: 4, tin: 50, can: 50, jar: 90 },
  }),
  row('sr24-02054', 'caper|salted caper|baby caper|nonpareille caper', { name: 'capers' }),
  row('sr24-09195', 'green olive|castelvetrano olive|stuffed olive|stuffed green olive', {
    name: 'green olives',
    pieceG: 3,
  }),
  row('sr24-09193', 'black olive|olive|kalamata olive|kalamata|ripe olive|nicoise olive', {
    name: 'black olives',
    pieceG: 4.4,
  }),
  row('pickle', 'pickle|dill pickle|gherkin|cornichon'),
  // Herbs and spices.
  row('bay-leaf', 'bay leaf|bay|leaf bay|fresh bay leaf|dried bay leaf|bay leaf dried'),
  row(
    'thyme-sprig',
    'thyme sprig|sprig thyme|fresh thyme sprig|thyme bundle|bundle thyme|thyme bunch|thyme leaf|fresh thyme leaf',
    { pieces: { bunch: 20, bundle: 15, sprig: 1 } },
  ),
  row('sr24-02049', 'fresh thyme|chopped fresh thyme|fresh thyme leaf chopped|fresh oregano', {
    name: 'thyme, fresh',
  }),
  row('sr24-02042', 'dried thyme|thyme|ground thyme|herbes de provence', { name: 'thyme, dried' }),
  row('rosemary-sprig', 'rosemary sprig|sprig rosemary|fresh rosemary sprig|rosemary bunch|rosemary', {
    pieces: { bunch: 30, sprig: 2, bundle: 15 },
  }),
  row('sr24-02063', 'fresh rosemary|chopped rosemary|rosemary leaf|rosemary needle|fresh rosemary leaf', {
    name: 'rosemary, fresh',
  }),
  row('sr24-02036', 'dried rosemary', { name: 'rosemary, dried' }),
  row(
    'herb-bundle',
    'bouquet garni|bundle herb|herb bundle|herb bundle tied|faggot of herb|bunch of mixed herb|bundle of herb|tied herb',
    { pieces: { bundle: 20, bunch: 20 } },
  ),
  row(
    'spice-bag',
    'spice bag|spice bag tied|bag spice|spice sachet|sachet spice|spice bundle|muslin bag spice',
  ),
  row(
    'sr24-02027',
    'oregano|dried oregano|mexican oregano|dried mexican oregano|italian seasoning|italian herb|mixed herb|dried mixed herb|greek oregano',
    { name: 'oregano, dried' },
  ),
  row('sr24-02023', 'marjoram|dried marjoram', { name: 'marjoram, dried' }),
  row('sr24-02038', 'dried sage|ground sage|rubbed sage', { name: 'sage, dried' }),
  row('sage-leaf', 'sage|sage leaf|fresh sage|fresh sage leaf|leaf sage'),
  row(
    'sr24-11297',
    'parsley|fresh parsley|flat leaf parsley|flat parsley|italian parsley|curly parsley|parsley stalk|parsley stem',
    { name: 'parsley, fresh', pieceG: 1, pieces: { bunch: 50, sprig: 1 } },
  ),
  row('sr24-02029', 'dried parsley', { name: 'parsley, dried' }),
  row(
    'coriander-leaf',
    'cilantro|coriander|fresh coriander|fresh cilantro|coriander leaf|cilantro leaf|coriander stalk|cilantro stem',
    { pieces: { bunch: 50, sprig: 2.2 } },
  ),
  row('sr24-02044', 'basil|fresh basil|basil leaf|fresh basil leaf|thai basil', {
    name: 'basil, fresh',
    pieceG: 0.5,
    pieces: { bunch: 30, leaf: 0.5, sprig: 2 },
  }),
  row('sr24-02003', 'dried basil', { name: 'basil, dried' }),
  row('sr24-02065', 'mint|fresh mint|mint leaf', {
    name: 'mint, fresh',
    pieceG: 0.15,
    pieces: { bunch: 30, sprig: 1.5 },
  }),
  row('sr24-02041', 'dried tarragon|tarragon', { name: 'tarragon, dried' }),
  row('sr24-02045', 'dill|fresh dill', { name: 'dill, fresh', pieces: { bunch: 25, sprig: 1 } }),
  row('sr24-11984', 'epazote', { name: 'epazote', pieceG: 2 }),
  row('lime-leaf', 'lime leaf|kaffir lime leaf|makrut lime leaf|curry leaf', { pieces: { leaf: 0.5 } }),
  row('sr24-02014', 'cumin|ground cumin|cumin seed|whole cumin|toasted cumin|cumin powder', {
    name: 'cumin',
  }),
  row('sr24-02013', 'ground coriander|coriander seed|coriander powder|whole coriander seed', {
    name: 'coriander seed',
  }),
  row('cinnamon-stick', 'cinnamon stick|stick cinnamon|cinnamon quill|mexican cinnamon stick|cassia bark'),
  row('sr24-02010', 'cinnamon|ground cinnamon|cinnamon powder|mexican cinnamon', {
    name: 'cinnamon, ground',
  }),
  row('clove', 'clove|whole clove|clove the spice'),
  row('sr24-02011', 'ground clove', { name: 'cloves, ground' }),
  row('star-anise', 'star anise|whole star anise|star anise pod', { pieces: { pod: 1.5 } }),
  row('sr24-02001', 'allspice|allspice berry|berry allspice|ground allspice|pimento berry|whole allspice', {
    pieces: { berry: 0.1 },
    name: 'allspice',
    pieceG: 0.1,
  }),
  row(
    'sr24-02006',
    'cardamom|cardamom pod|green cardamom|black cardamom|ground cardamom|green cardamom pod|black cardamom pod|pod cardamom',
    { pieces: { pod: 0.2 }, name: 'cardamom', pieceG: 0.2 },
  ),
  row('juniper', 'juniper|juniper berry|berry juniper'),
  row(
    'pepper-black',
    'black pepper|pepper|peppercorn|black peppercorn|ground black pepper|ground pepper|cracked black pepper|freshly ground black pepper|freshly ground pepper|freshly cracked black pepper|whole black peppercorn|whole peppercorn',
    { pieces: { peppercorn: 0.05 } },
  ),
  row('sr24-02032', 'white pepper|ground white pepper|white peppercorn', { name: 'white pepper' }),
  row('sr24-02037', 'saffron|saffron thread|thread saffron', {
    pieces: { thread: 0.005 },
    name: 'saffron',
    pieceG: 0.005,
  }),
  row('sr24-02043', 'turmeric|ground turmeric', { name: 'turmeric' }),
  row('sr24-02021', 'ground ginger|ginger powder|dried ginger', { name: 'ginger, ground' }),
  row('sr24-02025', 'nutmeg|ground nutmeg|grated nutmeg', { name: 'nutmeg', pieceG: 5 }),
  row('sr24-02022', 'mace|blade mace', { name: 'mace' }),
  row('sr24-02018', 'fennel seed|ground fennel', { name: 'fennel seed' }),
  row('sr24-02005', 'caraway|caraway seed', { name: 'caraway seed' }),
  row('sr24-02019', 'fenugreek|fenugreek seed', { name: 'fenugreek seed' }),
  row('sr24-02015', 'curry powder|madras curry powder|ras el hanout', { name: 'curry powder' }),
  row('five-spice', 'five spice|five spice powder|chinese five spice|chinese five spice powder'),
  row('garam-masala', 'garam masala|baharat'),
  row('mustard-seed', 'mustard seed|yellow mustard seed|black mustard seed|brown mustard seed'),
  row('sr24-02024', 'mustard powder|dry mustard|ground mustard|english mustard powder', {
    name: 'mustard powder',
  }),
  row(
    'rub-salted',
    'dry rub of chilli salted|chilli rub|taco seasoning|fajita seasoning|cajun seasoning|salted rub',
  ),
  row('rub-paprika', 'dry rub of paprika no salt|paprika rub|barbecue rub|pork rub|dry rub'),
  // Rinds, fat, dairy.
  row(
    'cheese-rind',
    'parmesan rind|cheese rind|rind parmesan|parmigiano rind|rind of parmesan|rind of hard cheese|parmigiano reggiano rind|piece parmesan rind',
  ),
  row('butter', 'butter|unsalted butter|sweet butter', { pieces: { stick: 113 } }),
  row('sr24-01001', 'salted butter', { pieces: { stick: 113 }, name: 'butter, salted' }),
  row('sr24-01003', 'ghee|clarified butter', { name: 'ghee' }),
  row('sr24-04053', 'olive oil|extra virgin olive oil|virgin olive oil|light olive oil|evoo', {
    name: 'olive oil',
  }),
  row(
    'sr24-04044',
    'vegetable oil|oil|neutral oil|cooking oil|frying oil|soybean oil|corn oil|flavourless oil',
    { name: 'vegetable oil' },
  ),
  row('sr24-04582', 'canola oil|rapeseed oil|canola', { name: 'rapeseed (canola) oil' }),
  row('sr24-04060', 'sunflower oil|sunflower seed oil', { name: 'sunflower oil' }),
  row('sr24-04058', 'sesame oil|toasted sesame oil', { name: 'sesame oil' }),
  row('sr24-04042', 'peanut oil|groundnut oil', { name: 'peanut oil' }),
  row('sr24-04581', 'avocado oil', { name: 'avocado oil' }),
  row('sr24-04517', 'grapeseed oil', { name: 'grapeseed oil' }),
  row('sr24-04001', 'beef dripping|dripping|beef fat|tallow|beef tallow|suet', { name: 'beef dripping' }),
  row('sr24-04002', 'lard|pork lard|manteca', { name: 'lard' }),
  row('sr24-04574', 'duck fat', { name: 'duck fat' }),
  row('sr24-04609', 'bacon fat|bacon grease|bacon dripping', { name: 'bacon fat' }),
  row('sr24-01053', 'double cream|heavy cream|whipping cream|heavy whipping cream|cream', {
    name: 'cream, double',
  }),
  row('sr24-01056', 'sour cream|soured cream|creme fraiche|crema|mexican crema', { name: 'sour cream' }),
  row('sr24-01077', 'milk|whole milk|full fat milk', { name: 'milk' }),
  row('sr24-01230', 'buttermilk', { name: 'buttermilk' }),
  row('sr24-01096', 'evaporated milk|tinned evaporated milk', { name: 'evaporated milk' }),
  row('sr24-01032', 'parmesan|grated parmesan|parmigiano|parmigiano reggiano', { name: 'parmesan, grated' }),
  row('coconut-milk', 'coconut milk|tinned coconut milk|full fat coconut milk', tinned),
  row(
    'bacon',
    'bacon|bacon lardon|lardon|streaky bacon|smoked bacon|pancetta|bacon rasher|bacon slice|slab bacon|bacon bit|guanciale|back bacon|thick cut bacon',
    { pieces: { slice: 28, rasher: 28, strip: 28 } },
  ),
  // Flour, sugar, pulses, grain.
  row('flour', 'flour|plain flour|all purpose flour|wheat flour|white flour|ap flour'),
  row('cornstarch', 'cornflour|cornstarch|corn starch|corn flour|maize starch'),
  row('masa', 'masa harina|masa|masa flour|instant masa|corn masa flour'),
  row('sr24-20003', 'arrowroot|arrowroot flour|arrowroot powder', { name: 'arrowroot' }),
  row(
    'sr24-19334',
    'brown sugar|dark brown sugar|light brown sugar|soft brown sugar|muscovado|muscovado sugar|demerara sugar|piloncillo|panela|jaggery|palm sugar|dark muscovado sugar',
    { name: 'brown sugar' },
  ),
  row(
    'sr24-19335',
    'sugar|white sugar|granulated sugar|caster sugar|castor sugar|superfine sugar|cane sugar',
    { name: 'sugar' },
  ),
  row('sr24-19296', 'honey|runny honey|clear honey', { name: 'honey' }),
  row('maple-syrup', 'maple syrup|pure maple syrup|agave|agave syrup|golden syrup'),
  row('sr24-19304', 'molasses|molasse|black treacle|treacle|pomegranate molasses|pomegranate molasse', {
    name: 'molasses',
  }),
  row('beans-dry', 'dried black bean|dry black bean|black bean dried|dried bean'),
  row('beans-black-tinned', 'black bean|tinned black bean|cooked black bean', tinned),
  row('beans-tinned', 'kidney bean|tinned kidney bean|red kidney bean|tinned red kidney bean', tinned),
  row('sr24-16027', 'dried kidney bean|dry kidney bean', { name: 'kidney beans, dried' }),
  row(
    'sr24-16051',
    'white bean|tinned white bean|cannellini bean|tinned cannellini bean|cannellini|haricot bean|tinned haricot bean|tinned cannellini',
    { name: 'white beans, tinned', ...tinned },
  ),
  row(
    'sr24-16049',
    'dried white bean|dried cannellini bean|dried haricot bean|dry white bean|dried great northern bean',
    { name: 'white beans, dried' },
  ),
  row('sr24-16042', 'dried pinto bean|dry pinto bean', { name: 'pinto beans, dried' }),
  row('sr24-16146', 'pinto bean|tinned pinto bean', { name: 'pinto beans, tinned', ...tinned }),
  row('sr24-16073', 'butter bean|tinned butter bean|lima bean|tinned lima bean', {
    name: 'butter beans, tinned',
    ...tinned,
  }),
  row('chickpeas-tinned', 'chickpea|tinned chickpea|garbanzo bean|tinned garbanzo bean|garbanzo', tinned),
  row('sr24-16056', 'dried chickpea|dry chickpea|dried garbanzo bean', { name: 'chickpeas, dried' }),
  row('hominy', 'hominy|tinned hominy|white hominy|pozole corn|tinned white hominy', tinned),
  row('sr24-16069', 'lentil|green lentil|brown lentil|puy lentil|dried lentil|french lentil', {
    name: 'lentils',
  }),
  row('sr24-16144', 'red lentil|split red lentil|pink lentil', { name: 'red lentils' }),
  row('barley', 'barley|pearl barley'),
  row('sr24-20052', 'rice|white rice|risotto rice|arborio rice|short grain rice', { name: 'rice' }),
  row(
    'chocolate-dark',
    'dark chocolate|plain chocolate|bittersweet chocolate|mexican chocolate|unsweetened chocolate|chocolate',
    { pieces: { square: 10 } },
  ),
  row('prune', 'prune|pitted prune|stoned prune|dried plum|ready to eat prune'),
  row('raisins', 'raisin|sultana|golden raisin|seedless raisin'),
];
