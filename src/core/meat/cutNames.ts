/**
 * What cooks, shops and labels call the cuts of the table (common practice, no source): names in the singular, without the bone and
 * without "of". A name that covers several cuts lists them all, the usual one first.
 */
export const cutNames: readonly (readonly [cuts: string, names: string])[] = [
  // Beef, from the neck back.
  [
    'beef-chuck-any beef-blade-roast beef-arm-pot-roast beef-under-blade beef-seven-bone beef-clod beef-mock-tender',
    'chuck roast|chuck|beef chuck|chuck eye roast|chuck pot roast|pot roast|beef pot roast|chuck steak|braising steak|beef shoulder|beef shoulder roast',
  ],
  [
    'beef-blade-roast beef-under-blade',
    'blade|blade roast|blade steak|beef blade|blade pot roast|top blade roast|feather blade|featherblade',
  ],
  ['beef-arm-pot-roast beef-clod', 'arm roast|arm pot roast|beef arm roast|leg of mutton cut|lmc'],
  ['beef-under-blade', 'under blade|under-blade roast|underblade|denver roast|boneless chuck roast'],
  ['beef-seven-bone', 'seven bone roast|7 bone roast|7-bone roast|seven-bone chuck roast'],
  ['beef-clod', 'clod|shoulder clod|clod roast|cross rib roast|cross-rib roast|english roast|bolar blade'],
  ['beef-mock-tender', 'mock tender|chuck tender|scotch tender|chuck filet|chuck fillet'],
  ['beef-country-style-ribs', 'beef country style rib|country style beef rib|country-style beef rib'],
  [
    'beef-stew-meat',
    'stew meat|beef stew meat|stew beef|stewing beef|stewing steak|stewing meat|casserole beef|casserole steak|diced beef|beef cube|cubed beef|beef chunk|beef for stew|braising beef|gravy beef|diced chuck|beef stewing meat',
  ],
  [
    'beef-short-ribs-any beef-short-ribs beef-chuck-short-ribs beef-plate-ribs',
    'short rib|beef short rib|beef rib|jacob s ladder|jacobs ladder|english cut short rib|flanken|flanken rib|flanken short rib|thin rib|asado',
  ],
  ['beef-chuck-short-ribs', 'chuck short rib|boneless short rib|boneless beef short rib'],
  ['beef-plate-ribs', 'plate rib|beef plate rib|plate short rib|dinosaur rib|dino rib'],
  ['beef-back-ribs', 'back rib|beef back rib'],
  [
    'beef-shank',
    'beef shank|shin|beef shin|shin beef|leg beef|shin of beef|foreshank of beef|gravy beef on the bone|hough|shank cross cut|cross-cut shank',
  ],
  ['beef-shank lamb-foreshank veal-shank goat-shank pork-shank', 'shank'],
  ['beef-oxtail', 'oxtail|ox tail|beef tail|beef oxtail|tail'],
  ['beef-cheek', 'cheek|beef cheek|ox cheek'],
  [
    'beef-brisket',
    'brisket|beef brisket|whole brisket|packer brisket|packer|full brisket|rolled brisket|brisket joint',
  ],
  [
    'beef-brisket-flat',
    'brisket flat|flat cut brisket|brisket flat cut|first cut brisket|flat half brisket|thin cut brisket',
  ],
  [
    'beef-brisket-point',
    'brisket point|brisket point end|point cut brisket|second cut brisket|brisket deckle|deckle|point end brisket|point end of brisket',
  ],
  [
    'beef-round-any beef-bottom-round beef-top-round beef-eye-of-round',
    'round|beef round|round roast|beef round roast',
  ],
  [
    'beef-bottom-round',
    'bottom round|bottom round roast|rump roast|beef rump roast|silverside|outside round|outside flat',
  ],
  ['beef-top-round', 'top round|top round roast|topside|inside round|london broil|topside of beef'],
  ['beef-eye-of-round', 'eye round|eye round roast|eye-of-round|girello|salmon cut|eye of silverside'],
  // Veal.
  ['veal-shoulder', 'veal shoulder|shoulder veal|stewing veal|veal stew meat|diced veal'],
  ['veal-breast', 'veal breast|breast veal'],
  ['veal-shank', 'veal shank|osso buco|ossobuco|osso bucco|veal shin|veal knuckle'],
  // Lamb and mutton.
  [
    'lamb-shoulder',
    'lamb shoulder|shoulder lamb|mutton shoulder|shoulder mutton|stewing lamb|diced lamb|lamb stew meat|lamb shoulder chop|lamb',
  ],
  ['lamb-foreshank', 'lamb shank|lamb foreshank|mutton shank'],
  ['lamb-neck', 'lamb neck|neck lamb|scrag end|middle neck|neck fillet|lamb neck chop|mutton neck'],
  // Goat.
  ['goat-shoulder', 'goat shoulder|shoulder goat|diced goat|goat stew meat|goat meat|goat|kid shoulder'],
  ['goat-shank', 'goat shank'],
  ['goat-neck', 'goat neck'],
  // Pork.
  [
    'pork-shoulder-any pork-shoulder-blade pork-picnic',
    'pork shoulder|shoulder pork|pork shoulder roast|pork roast|stewing pork|diced pork|pork stew meat|pork for pulling|pork',
  ],
  [
    'pork-shoulder-blade',
    'boston butt|pork butt|butt|pork shoulder butt|pork blade|pork blade roast|blade shoulder|pork collar|collar pork|pork neck end|neck end|pork neck|scotch roast|pork scotch|spare rib joint|pork steak|pork country style rib|country style pork rib|country style rib',
  ],
  [
    'pork-picnic',
    'picnic|picnic shoulder|pork picnic|picnic roast|arm shoulder|pork arm|pork hand|hand pork|hand and spring|pork arm shoulder',
  ],
  ['pork-shank', 'pork shank|pork hock|pork knuckle|fresh ham hock|pork hough'],
  // Game.
  ['bison-chuck', 'bison|bison chuck|bison roast|bison chuck roast|bison stew meat|buffalo chuck'],
  [
    'venison-shoulder',
    'venison|venison shoulder|venison stew meat|diced venison|stewing venison|venison roast|deer shoulder',
  ],
];
