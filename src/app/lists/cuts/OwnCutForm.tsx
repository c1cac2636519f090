import clsx from 'clsx';
import { cloneElement, useId, type ReactElement } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { type Kitchen, NAME_MOST, type OwnCut, YIELD } from '@/core/meal/index.ts';
import { fattier, findCut, ownCutProblem } from '@/core/meat/index.ts';
import { readShare } from '@/core/quantity/index.ts';
import { reference } from '@/reference/index.ts';
import { saysWords } from '@/words/index.ts';
import { editKitchen } from '../../open/edits.ts';
import { CutOptions } from '../../parts/CutOptions.tsx';
import { FieldError } from '../../parts/FieldError.tsx';
import css from './cuts.module.scss';

interface Form {
  name: string;
  like: string;
  way: 'relative' | 'composition' | 'yield';
  protein: string;
  fat: string;
  bone: string;
  value: string;
  of: 'purchased' | 'boneless';
  what: 'cooked' | 'shred';
}

const empty: Form = {
  name: '',
  like: 'beef-blade-roast',
  way: 'relative',
  protein: '',
  fat: '',
  bone: '',
  value: '',
  of: 'purchased',
  what: 'shred',
};

/** The cut that the form describes, or why it cannot be, in one sentence. */
function read(form: Form): OwnCut | string {
  if (form.name.trim() === '') return 'Give the cut a name.';
  const parts = {
    protein: form.way === 'composition' ? form.protein : '',
    fat: form.way === 'composition' ? form.fat : '',
    bone: form.bone,
    yield: form.way === 'yield' ? form.value : '',
  };
  for (const [what, text] of Object.entries(parts)) {
    const value = readShare(text);
    if (Number.isNaN(value)) return `“${text}” is not a share for the ${what}; write 0 to 100 %.`;
  }
  const [protein, fat, boneShare, value] = Object.values(parts).map(readShare);
  if (boneShare !== undefined && boneShare > 0.95)
    return `“${form.bone}” of bone leaves no meat; write at most 95 %, or buy it as bones for flavour.`;
  if (form.way === 'composition' && (protein === undefined || fat === undefined))
    return 'A composition needs protein and fat.';
  if (form.way === 'yield' && !(value !== undefined && value >= YIELD.least))
    return `Write what it comes to, ${100 * YIELD.least} to 100 %.`;
  const own: OwnCut = {
    id: crypto.randomUUID(),
    name: form.name.trim(),
    like: form.like,
    ...(protein !== undefined && fat !== undefined && { composition: { protein, fat } }),
    ...(boneShare !== undefined && { boneShare }),
    ...(value !== undefined && { yield: { value, of: form.of, what: form.what } }),
  };
  const fault = ownCutProblem(own, reference);
  return fault ? saysWords(fault) : own;
}

/** A cut of one's own: like another, but with its own bone and fat, a composition, or a known yield. */
export function OwnCutForm({ kitchen }: { readonly kitchen: Kitchen }) {
  const {
    register,
    handleSubmit,
    setValue,
    setError,
    reset,
    control,
    formState: { errors },
  } = useForm<Form>({ defaultValues: empty });
  const form = useWatch({ control }) as Form;
  const like = findCut(form.like, kitchen, reference);
  const percent = (x: number) => `${(100 * x).toFixed(0)} %`;
  const save = (filled: Form) => {
    const own = read(filled);
    if (typeof own === 'string') {
      setError('root', { message: own });
      return;
    }
    editKitchen(`a cut of your own, “${own.name}”`, (before) => ({ ...before, cuts: [...before.cuts, own] }));
    reset(empty);
  };
  return (
    <form
      className={clsx('panel', css.ownCut)}
      onSubmit={(event) => {
        handleSubmit(save)(event).catch(reportError);
      }}
    >
      <h2>A cut of your own</h2>
      <div className="choices">
        <Labelled label="Name">
          <input className="write" size={24} maxLength={NAME_MOST} autoComplete="off" {...register('name')} />
        </Labelled>
        <Labelled label="Like">
          <select className="write" {...register('like')}>
            <CutOptions own={[]} />
          </select>
        </Labelled>
        <Labelled label="Known by">
          <select className="write" {...register('way')}>
            <option value="relative">its relative alone</option>
            <option value="composition">what its flesh is made of</option>
            <option value="yield">what it came to</option>
          </select>
        </Labelled>
        <Labelled label="Bone, of what is bought">
          <input
            className="write num"
            size={6}
            placeholder={like ? percent(like.boneShare) : ''}
            autoComplete="off"
            {...register('bone')}
          />
        </Labelled>
        {form.way === 'composition' && (
          <>
            <Labelled label="Protein of the flesh">
              <input
                className="write num"
                size={6}
                placeholder={like ? percent(like.flesh.protein) : ''}
                {...register('protein')}
              />
            </Labelled>
            <Labelled label="Fat of the flesh">
              <input
                className="write num"
                size={6}
                placeholder={like ? percent(like.flesh.fat) : ''}
                {...register('fat')}
              />
            </Labelled>
          </>
        )}
        {form.way === 'yield' && (
          <>
            <Labelled label="It came to">
              <input className="write num" size={6} placeholder="45 %" {...register('value')} />
            </Labelled>
            <select className="write" aria-label="What was weighed" {...register('what')}>
              <option value="shred">of shred</option>
              <option value="cooked">cooked</option>
            </select>
            <select className="write" aria-label="Of what" {...register('of')}>
              <option value="purchased">of what was bought</option>
              <option value="boneless">of the boneless weight</option>
            </select>
          </>
        )}
      </div>
      {like && (
        <p className="quiet">
          <button
            type="button"
            className="link"
            onClick={() => {
              setValue('bone', percent(Math.min(0.9, like.boneShare + 0.1)));
            }}
          >
            More bone
          </button>{' '}
          or{' '}
          <button
            type="button"
            className="link"
            onClick={() => {
              const { fat, protein } = fattier(like);
              setValue('way', 'composition');
              setValue('fat', percent(fat));
              setValue('protein', percent(protein));
            }}
          >
            more fat
          </button>{' '}
          than {like.name.toLowerCase()}. What is left empty is taken from it.
        </p>
      )}
      {errors.root?.message !== undefined && <FieldError>{errors.root.message}</FieldError>}
      <button type="submit" className="btn act">
        Add it
      </button>
    </form>
  );
}

/** A field with its label above it; the field takes the label's id. */
function Labelled({
  label,
  children,
}: {
  readonly label: string;
  readonly children: ReactElement<{ id?: string }>;
}) {
  const id = useId();
  return (
    <span className="field">
      <label htmlFor={id}>{label}</label>
      {cloneElement(children, { id })}
    </span>
  );
}
