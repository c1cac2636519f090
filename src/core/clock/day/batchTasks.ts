import type { DayBatch } from './facts.ts';
import { chopMinutes, pullMinutes, strainMinutes, TORN, trimMinutes, usual } from './minutes.ts';
import { potTask } from './potTask.ts';
import { SLOT } from './schedule/problem.ts';
import { handsOn, NO_NEEDS, type Need, type Part, type Task } from './task.ts';

/** The steps of a batch from the board to its sauce, each with what it takes and what it waits for. */
export function batchTasks(batch: DayBatch, hands: number, rooms: ReadonlySet<string>): readonly Task[] {
  const id = (name: string) => `${batch.id}|${name}`;
  const tasks: Task[] = [];
  const add = (task: Task, ...after: (string | undefined)[]) => {
    tasks.push({
      ...task,
      batch: batch.id,
      after: [
        ...task.after,
        ...after.flatMap((name) => (name === undefined ? [] : [{ task: id(name), lead: 0 }])),
      ],
    });
  };
  const has = (name: string) => (tasks.some((task) => task.id === id(name)) ? name : undefined);

  add(handsOn(id('trim'), 'board', 'Trim, cut and salt', trimMinutes(batch.rawG), { grams: batch.rawG }));
  for (const { what, minutes } of batch.steps) {
    if (what === 'stand out') continue;
    const cure = what === 'dry brine' ? 'brine' : 'marinate';
    add(curing(id(cure), what, minutes ?? usual[what === 'dry brine' ? 'dryBrine' : 'marinade']), 'trim');
  }
  const cured = [has('brine'), has('marinate')];
  const out = batch.steps.find(({ what }) => what === 'stand out');
  if (out)
    add(resting(id('stand'), 'Stand out of the fridge', out.minutes ?? usual.standOut), 'trim', ...cured);
  if (batch.soaks.length > 0)
    add(resting(id('soak'), `Soak ${batch.soaks.join(', ')}`, usual.soak), undefined);
  if (batch.chopG > 0)
    add(handsOn(id('chop'), 'board', 'Chop what goes in', chopMinutes(batch.chopG), { grams: batch.chopG }));
  const ready = ['trim', ...cured, has('stand')];
  if (batch.smokeMin !== undefined) add(smoking(id('smoke'), batch.smokeMin), ...ready);
  if (batch.sear) {
    const { panfuls, minutes, pan } = batch.sear;
    const needs: Need[] = [{ anyOf: ['burner'], amount: 1, from: 0, to: minutes }];
    if (pan !== undefined && !batch.vessels.some((vessel) => vessel.id === pan))
      needs.push({ anyOf: [`vessel ${pan}`], amount: 1, from: 0, to: minutes });
    const words = panfuls === 1 ? 'Sear, one panful' : `Sear, ${panfuls} panfuls`;
    add({ ...handsOn(id('sear'), 'pan', words, minutes), needs }, ...ready, has('smoke'));
  }
  add(potTask(id('pot'), batch, rooms), ...ready, has('soak'), has('chop'), has('smoke'), has('sear'));

  const torn = batch.tearMin !== undefined;
  const pull: Step = {
    key: id('pull'),
    kind: 'bench',
    words: torn ? 'Pick through, shred' : 'Pull, pick, shred',
    minutes: (torn ? 1 - TORN : 1) * pullMinutes(batch.cookedG, batch.picking, hands),
    hands: Math.min(2, hands),
    grams: batch.cookedG,
  };
  const strain: Step = {
    key: id('strain'),
    kind: 'broth',
    words: 'Strain',
    minutes: strainMinutes(batch.liquidMl),
    hands: 1,
  };
  add(resting(id('cool'), 'Cool enough to touch', usual.coolToTouch), 'pot');
  const chilled = batch.skim === 'chill';
  if (chilled) {
    const before = [pull, ...(batch.strain ? [strain] : [])].filter(
      ({ key }) => !batch.over.has(key.slice(batch.id.length + 1)),
    );
    add(chilling(id('chill'), before), 'cool');
  } else {
    add(oneStep(pull), 'cool');
    if (batch.strain) add(oneStep(strain), 'pot');
  }
  const liquid = has('strain') ?? 'pot';
  if (batch.skim === 'settle') add(resting(id('settle'), 'The jug settles', usual.settle), liquid);
  const cold = has('chill');
  const skimmed = batch.skim === 'leave' ? undefined : batch.skim === 'chill' ? 'Lift off the fat' : 'Skim';
  if (skimmed !== undefined) add(handsOn(id('skim'), 'broth', skimmed, 5), has('settle') ?? cold ?? liquid);
  if (batch.reduceMin > 0) {
    const task = handsOn(id('reduce'), 'broth', 'Boil it down', batch.reduceMin);
    const watched = task.parts.map((part) => ({ ...part, hands: 0 }));
    const needs = [{ anyOf: ['burner'], amount: 1, from: 0, to: batch.reduceMin }];
    add({ ...task, parts: watched, needs }, has('skim') ?? liquid);
  }
  const warm = cold === undefined ? usual.together : usual.reheat;
  add(
    {
      id: id('together'),
      minutes: warm,
      parts: [
        {
          key: id('together'),
          words: cold === undefined ? 'Bring together' : 'Bring together, reheat to 74 °C',
          kind: 'broth',
          from: 0,
          minutes: 5,
          hands: 1,
          grams: batch.shredG,
        },
      ],
      needs: [{ anyOf: ['burner'], amount: 1, from: 0, to: warm }],
      after: [],
    },
    has('pull'),
    liquid,
    cold,
    has('skim'),
    has('reduce'),
  );
  return tasks;
}

function resting(id: string, words: string, minutes: number): Task {
  return {
    id,
    minutes,
    needs: NO_NEEDS,
    after: [],
    parts: [{ key: id, words, kind: 'rest', from: 0, minutes, hands: 0 }],
  };
}

function curing(id: string, what: 'dry brine' | 'marinade', minutes: number): Task {
  const words =
    what === 'dry brine'
      ? ['Rub with its salt', 'Salted, in the fridge']
      : ['Into the marinade', 'Marinates in the fridge'];
  return {
    id,
    minutes: 10 + minutes,
    after: [],
    needs: [{ anyOf: ['fridge shelf'], amount: 1, from: 10, to: 10 + minutes }],
    parts: [
      { key: `${id}|in`, words: words[0] ?? '', kind: 'board', from: 0, minutes: 10, hands: 1 },
      { key: id, words: words[1] ?? '', kind: 'rest', from: 10, minutes, hands: 0 },
    ],
  };
}

/** What is done by hand, as a part of a task or as one of its own. */
type Step = Omit<Part, 'from' | 'slack'>;

const oneStep = (step: Step): Task => ({
  id: step.key,
  minutes: step.minutes,
  needs: NO_NEEDS,
  after: [],
  parts: [{ ...step, from: 0 }],
});

/**
 * Into the cold at once: pulled, strained and cooled fast without a break, since nothing that is warm may stand
 * about; then the night in the fridge.
 */
function chilling(id: string, before: readonly Step[]): Task {
  const { chill } = usual;
  const fast: Step = {
    key: `${id}|fast`,
    words: 'Cool fast: shallow pans, ice bath',
    kind: 'broth',
    minutes: 10,
    hands: 1,
  };
  let from = 0;
  const parts = [...before, fast].map((step): Part => {
    const part = { ...step, from };
    from += Math.ceil(step.minutes / SLOT) * SLOT;
    return part;
  });
  return {
    id,
    minutes: from + chill,
    after: [],
    needs: [{ anyOf: ['fridge shelf'], amount: 2, from, to: from + chill }],
    parts: [...parts, { key: id, words: 'Chills overnight', kind: 'rest', from, minutes: chill, hands: 0 }],
  };
}

function smoking(id: string, minutes: number): Task {
  const { fire } = usual;
  const looks = Array.from({ length: Math.floor((minutes - 1) / 60) }, (_, i) => 60 * (i + 1));
  return {
    id,
    minutes: fire + minutes,
    after: [],
    needs: [{ anyOf: ['smoker'], amount: 1, from: 0, to: fire + minutes }],
    parts: [
      { key: `${id}|fire`, words: 'Light the fire', kind: 'pan', from: 0, minutes: 10, hands: 1 },
      { key: `${id}|on`, words: 'Meat into the smoke', kind: 'pan', from: fire, minutes: 5, hands: 1 },
      ...looks.map((at, i) => ({
        key: `${id}|wood ${i + 1}`,
        words: 'Tend the fire',
        kind: 'pan' as const,
        from: fire + at,
        minutes: 5,
        hands: 1,
        slack: 15,
      })),
    ],
  };
}
