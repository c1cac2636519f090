import clsx from 'clsx';
import { cloneElement, useId, type ReactElement } from 'react';
import { useForm, type UseFormRegister, useWatch } from 'react-hook-form';
import { type Kitchen, NAME_MOST } from '@/core/meal/index.ts';
import { fattier, findCut, type KnownCut, readOwnCut, type WrittenCut } from '@/core/meat/index.ts';
import { reference } from '@/reference/index.ts';
import { noOwnCutWords } from '@/words/index.ts';
import { editKitchen } from '../../open/edits/index.ts';
import { CutOptions } from '../../parts/CutOptions.tsx';
import { FieldError } from '../../parts/FieldError.tsx';
import css from './cuts.module.scss';

const empty: WrittenCut = {
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

const percent = (x: number) => `${(100 * x).toFixed(0)} %`;

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
  } = useForm<WrittenCut>({ defaultValues: empty });
  const form = useWatch({ control }) as WrittenCut;
  const like = findCut(form.like, kitchen, reference);
  const save = (filled: WrittenCut) => {
    const read = readOwnCut(filled, reference, crypto.randomUUID());
    if (!read.ok) {
      setError('root', { message: noOwnCutWords(read.why) });
      return;
    }
    const { cut } = read;
    editKitchen(`a cut of your own, “${cut.name}”`, (before) => ({ ...before, cuts: [...before.cuts, cut] }));
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
        {form.way === 'composition' && <Composition like={like} register={register} />}
        {form.way === 'yield' && <KnownYield register={register} />}
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

interface PartProps {
  readonly register: UseFormRegister<WrittenCut>;
}

/** What its flesh is made of. */
function Composition({ like, register }: PartProps & { readonly like: KnownCut | undefined }) {
  return (
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
  );
}

/** What it came to, and of what. */
function KnownYield({ register }: PartProps) {
  return (
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
  );
}
