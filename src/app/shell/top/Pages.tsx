import { NavLink } from 'react-router';
import { useNewMeal } from './useNewMeal.ts';

/** What is kept for all meals. */
export function Pages() {
  const start = useNewMeal();
  return (
    <>
      <button type="button" onClick={start}>
        + meal
      </button>
      <NavLink to="/meals">meals</NavLink>
      <NavLink to="/kitchen">kitchen</NavLink>
      <NavLink to="/shelf">shelf</NavLink>
      <NavLink to="/log">log</NavLink>
    </>
  );
}
