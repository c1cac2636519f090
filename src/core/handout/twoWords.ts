import { hashOf } from '../meal/index.ts';

/** Short, of one meaning, and unlike one another when they are called across a kitchen. */
const THINGS =
  'apron basket bellows bucket butter candle carrot chimney copper cradle cupboard dough drawer ember fennel funnel garlic ginger hammer honey jar kettle ladle lantern lemon lid marble mortar mustard needle nutmeg oatmeal olive onion oven paper parsley peach pepper pillow plate potato pumpkin quilt radish raisin ribbon saddle salt shovel sieve skillet spoon sugar table thimble timber tomato trowel turnip vinegar walnut window yeast'.split(
    ' ',
  );
const BEASTS =
  'badger beaver beetle bison bittern buzzard camel cat cricket crow curlew deer dolphin donkey dove eagle eel falcon ferret finch fox frog gecko goat goose hare hawk hedgehog heron herring hornet horse ibis jackdaw kestrel lamb lark lizard lobster lynx magpie marten mole moose moth mouse newt otter owl oyster panther pigeon plover puffin rabbit raven robin salmon seal shrew sparrow swan toad weasel'.split(
    ' ',
  );

/** Two words that say that a text came whole: who sees the same two has the same text, but for one in four thousand. */
export function twoWords(text: string): string {
  const hash = hashOf(text);
  return `${THINGS[hash % THINGS.length] ?? ''} ${BEASTS[(hash >>> 8) % BEASTS.length] ?? ''}`;
}
