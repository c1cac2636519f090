import type { Feel, Handout, Job } from '@/core/meal/index.ts';

/** What the application knows and the page has to be told. */
export interface PageKnows {
  readonly feels: readonly Feel[];
  readonly gPerLb: number;
  readonly mlPerCup: number;
}

/**
 * What the page of one file does. It is written into that page as it stands here, so it takes nothing from outside of itself.
 */
export function runHelperPage(handout: Handout, { feels, gPerLb, mlPerCup }: PageKnows): void {
  type Weigh = NonNullable<Job['weigh']>[number];
  interface Field {
    readonly job: Job;
    readonly weigh?: Weigh;
    readonly serves?: NonNullable<Job['serves']>;
    readonly input: HTMLInputElement | HTMLSelectElement;
  }
  const GRAMS: Readonly<Record<string, number>> = { kg: 1000, g: 1, lb: gPerLb, oz: gPerLb / 16 };
  const bare = handout.units.system === 'metric' ? 'kg' : 'lb';
  const kept = `slow-spoon ${handout.id}`;
  interface Written {
    readonly text: string;
    readonly at: number;
    readonly id: string;
  }
  const written = new Map<string, Written>();
  const fields = new Map<string, Field>();
  const newId = () =>
    `${Date.now().toString(36)}-${Math.random().toString(36).slice(2)}${Math.random().toString(36).slice(2)}`;
  const clock = new Intl.DateTimeFormat('en-GB', {
    hour: '2-digit',
    minute: '2-digit',
    timeZone: handout.zone,
  });
  const make = <K extends keyof HTMLElementTagNameMap>(
    tag: K,
    within: Element,
    words = '',
  ): HTMLElementTagNameMap[K] => {
    const made = document.createElement(tag);
    made.textContent = words;
    within.append(made);
    return made;
  };
  /** "7.4 kg", "7400 g", "16 lb"; a bare number is kilograms or pounds, as the kitchen has it. */
  const gramsOf = (text: string): number | undefined => {
    const [, figure = '', unit = bare] = /^\s*(\d+(?:[.,]\d+)?)\s*(kg|g|lb|oz)?\s*$/i.exec(text) ?? [];
    const grams = Number(figure.replace(',', '.')) * (GRAMS[unit.toLowerCase()] ?? 0);
    return figure !== '' && grams > 0 ? grams : undefined;
  };
  const MLS: Readonly<Record<string, number>> = {
    l: 1000,
    ml: 1,
    cl: 10,
    qt: 4 * mlPerCup,
    cup: mlPerCup,
    cups: mlPerCup,
  };
  /** "6.5 l", "650 ml", "7 qt"; a bare number of a liquid is litres or quarts. */
  const mlOf = (text: string): number | undefined => {
    const [, figure = '', unit = bare === 'kg' ? 'l' : 'qt'] =
      /^\s*(\d+(?:[.,]\d+)?)\s*(l|ml|cl|qt|cups?)?\s*$/i.exec(text) ?? [];
    const ml = Number(figure.replace(',', '.')) * (MLS[unit.toLowerCase()] ?? 0);
    return figure !== '' && ml > 0 ? ml : undefined;
  };
  const countOf = (text: string): number | undefined =>
    /^\s*[1-9]\d{0,4}\s*$/.test(text) ? Number(text) : undefined;
  /** What is wrong with what stands in a field; '' where nothing is. */
  const faultOf = ({ weigh, serves }: Field, text: string): string => {
    if (text === '') return '';
    if (serves) return countOf(text) === undefined ? `“${text}” is not a number of plates.` : '';
    if (!weigh || gramsOf(text) !== undefined || (weigh.ml && mlOf(text) !== undefined)) return '';
    return weigh.ml
      ? `“${text}” is not an amount; write it like 1.4 l or 1.4 kg.`
      : `“${text}” is not a weight; write it like 1.4 kg or 3 lb.`;
  };
  const keep = () => {
    try {
      localStorage.setItem(kept, JSON.stringify([...written]));
    } catch {
      // Where the browser keeps nothing the page does, as long as it is open.
    }
  };
  const write = (key: string, text: string) => {
    if (text === '') written.delete(key);
    else written.set(key, { text, at: Date.now(), id: newId() });
    keep();
  };
  try {
    for (const [key, one] of JSON.parse(localStorage.getItem(kept) ?? '[]') as [string, Written][])
      written.set(key, one);
  } catch {
    // Nothing was kept.
  }
  const list = document.getElementById('jobs') ?? document.body;
  const said = (words: string) => {
    const at = document.getElementById('said');
    if (at) at.textContent = words;
  };
  const listen = (key: string, field: Field, row: HTMLElement) => {
    fields.set(key, field);
    const { input } = field;
    const tick = input instanceof HTMLInputElement && input.type === 'checkbox' ? input : undefined;
    const before = written.get(key)?.text ?? '';
    if (tick) tick.checked = before !== '';
    else input.value = before;
    const look = () => {
      if (tick) row.className = tick.checked ? 'is-done' : '';
    };
    look();
    input.addEventListener('change', () => {
      const text = tick ? (tick.checked ? 'done' : '') : input.value.trim();
      const fault = tick ? '' : faultOf(field, text);
      said(fault);
      if (fault === '') write(key, text);
      look();
    });
  };
  for (const job of handout.jobs) {
    const row = make('li', list);
    const title = make('label', row);
    const tick = make('input', title);
    tick.type = 'checkbox';
    make('time', title, ` ${clock.format(job.at)} `);
    make('b', title, job.words);
    const pot = handout.pots.find(({ id }) => id === job.pot);
    if (pot) make('small', row, pot.name);
    for (const { who, words, at } of job.waits ?? [])
      make('small', row, `wait for ${who.join(' and ')}: ${words}, ${clock.format(at)}`);
    for (const { who, at } of job.waited ?? [])
      make('small', row, `${who.join(' and ')} waits: ${clock.format(at)}`);
    listen(`${job.id} done`, { job, input: tick }, row);
    (job.weigh ?? []).forEach((weigh, i) => {
      const label = make('label', row, `${weigh.name} `);
      const input = make('input', label);
      input.size = 10;
      input.inputMode = 'decimal';
      if (weigh.ml) {
        const { mid } = weigh.ml;
        input.placeholder =
          bare === 'kg'
            ? `about ${(mid / 1000).toFixed(1)} l`
            : `about ${(mid / (4 * mlPerCup)).toFixed(1)} qt`;
      } else if (weigh.likely) {
        const { mid } = weigh.likely;
        input.placeholder =
          bare === 'kg' ? `about ${(mid / 1000).toFixed(1)} kg` : `about ${(mid / gPerLb).toFixed(1)} lb`;
      }
      listen(`${job.id} weigh ${i}`, { job, weigh, input }, row);
    });
    if (job.serves) {
      const label = make('label', row, `How many of ${job.serves.count} went out `);
      const input = make('input', label);
      input.size = 6;
      input.inputMode = 'numeric';
      listen(`${job.id} served`, { job, serves: job.serves, input }, row);
    }
    if (job.fork) {
      const label = make('label', row, 'The fork says ');
      const input = make('select', label);
      for (const feel of ['', ...feels]) make('option', input, feel);
      listen(`${job.id} fork`, { job, input }, row);
    }
  }
  const entryOf = (
    key: string,
    device: string,
  ): readonly (Readonly<Record<string, unknown>> & { readonly at: number })[] => {
    const [field, one] = [fields.get(key), written.get(key)];
    if (!field || !one) return [];
    const { job, weigh, serves } = field;
    const { id, at, text } = one;
    const base = { id, at, batch: job.batch, source: 'typed', by: { device, who: handout.who.id } };
    if (serves) {
      const n = countOf(text);
      const value = { text, lo: n, hi: n };
      return n === undefined
        ? []
        : [
            {
              ...base,
              measures: { what: 'served', dish: serves.dish, on: serves.on },
              measure: 'count',
              value,
            },
          ];
    }
    if (weigh) {
      const isMl = weigh.ml !== undefined && mlOf(text) !== undefined;
      const amount = isMl ? mlOf(text) : gramsOf(text);
      const value = { text, lo: amount, hi: amount };
      return amount === undefined
        ? []
        : [{ ...base, measures: weigh.measures, measure: isMl ? 'volume' : 'mass', value }];
    }
    return key.endsWith(' fork')
      ? [{ ...base, measures: { what: 'check', feel: text }, measure: 'feel', value: { text } }]
      : [{ ...base, measures: { what: 'done', task: job.done }, measure: 'time', value: { text: 'done' } }];
  };
  document.getElementById('save')?.addEventListener('click', () => {
    const device = (written.get('device')?.text ?? newId()).slice(0, 80);
    written.set('device', { text: device, at: 0, id: device });
    const note = document.getElementById('note');
    const text = note instanceof HTMLInputElement ? note.value.trim() : '';
    keep();
    const back = {
      format: 'slow-spoon hand-back',
      version: 1,
      handout: handout.id,
      meal: handout.meal,
      who: handout.who,
      device,
      made: Date.now(),
      entries: [...written.keys()].flatMap((key) => entryOf(key, device)).sort((a, b) => a.at - b.at),
      notes: text === '' ? [] : [{ id: newId(), at: Date.now(), text: text.slice(0, 1000) }],
    };
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([JSON.stringify(back)], { type: 'application/json' }));
    link.download = `${handout.who.name} hands back.json`;
    link.click();
    said(`${back.entries.length} readings and ticks are in “${link.download}”.`);
  });
}
