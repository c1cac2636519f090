import { type Batch, type Day, type Lot, usualDay } from '@/core/meal/index.ts';
import { listed } from './listed.ts';
import { beforeWords } from './before.ts';
import { type Hours, openPhase, writeTime } from '@/core/clock/index.ts';

const forWords = (minutes: Batch['tear']) => (minutes?.lo === undefined ? '' : ` ${minutes.text}`);

/** What is chosen before the pan, in one line: "salted ahead 12 h, no marinade, 30 min out of the fridge". */
export function beforePanWords({ steps = [] }: Pick<Batch, 'steps'>): string {
  if (steps.length === 0) return 'no marinade, straight from the fridge';
  return steps.map(({ what, minutes }) => `${beforeWords[what].chosen}${forWords(minutes)}`).join(', ');
}

/** What is chosen of heat and lid, in one line: "oven at 160 °C, lid on, then ajar 45 min". */
export function heatWords({ cook, tear, start }: Pick<Batch, 'cook' | 'tear' | 'start'>): string {
  const open = openPhase(cook);
  const phases = cook.map(({ heat, setting, lid, minutes }, i) => {
    const at =
      typeof setting === 'object' ? ` at ${setting.text}` : setting === undefined ? '' : `, ${setting}`;
    const long =
      cook[i] === open ? (minutes?.lo === undefined ? '' : `, ${minutes.text}`) : forWords(minutes);
    return `${heat}${at}, lid ${lid}${long}`;
  });
  const more = [
    start === 'boiled' ? 'boiled first' : start === 'straight in' ? 'straight in' : '',
    tear ? 'torn and put back' : '',
  ].filter(Boolean);
  return [phases.join(', then '), ...more].join(', ');
}

/** Who cooks and between which hours: "one cook, 06:30 to 22:30, ready 90 in 100". */
export function crewWords(day: Day = {}, hours?: Hours, names: readonly string[] = []): string {
  const { hands = usualDay.hands, from = usualDay.from, to = usualDay.to, chance = usualDay.chance } = day;
  const others = hands - names.length;
  const all =
    names.length > 0 && others > 0 ? [...names, others === 1 ? 'one more' : `${others} more`] : names;
  const who = names.length > 0 ? listed(all) : hands === 1 ? 'one cook' : `${hands} cooks`;
  return `${who}, ${writeTime(from, hours)} to ${writeTime(to, hours)}, ready ${Math.round(100 * chance)} in 100`;
}

/** What is said of a lot beside its weight and cut: "bone out, fattier, 6 pieces"; empty where nothing is. */
export function lotWords({ bone, fattiness, pieces, price, shopHas }: Lot): string {
  return [
    bone && `bone ${bone}`,
    fattiness && fattiness !== 'usual' && fattiness,
    pieces?.count !== undefined && `${pieces.count} ${pieces.count === 1 ? 'piece' : 'pieces'}`,
    pieces?.size,
    price?.text && price.text,
    shopHas?.text && `the shop has ${shopHas.text}`,
  ]
    .filter(Boolean)
    .join(', ');
}
