import { type NamedRow, row } from './row.ts';

/** Chillies in every form, their pastes, and sauces. */
export const hot: readonly NamedRow[] = [
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
];
