import { useState } from 'react';
import { addCook } from '../open/edits/index.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { PlaceSelect } from './fields/PlaceSelect.tsx';
import { TextField } from './fields/TextField.tsx';

/** Somebody who cooks gets a name, and of several kitchens the one in which they work. */
export function NewCook() {
  const { meal, kitchen } = useOpenMeal().loaded;
  const [name, setName] = useState('');
  const [at, setAt] = useState<string>();
  const add = () => {
    if (name.trim() === '') return;
    addCook(meal.id, name.trim(), at);
    setName('');
  };
  return (
    <form
      className="choices"
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <TextField label="Name of a cook" value={name} onChange={setName} />
      <PlaceSelect label="Where they work" kitchen={kitchen} at={at} onChoose={setAt} />
      <button type="submit" className="btn act" disabled={name.trim() === ''}>
        Add
      </button>
    </form>
  );
}
