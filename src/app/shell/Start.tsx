import { useEffect } from 'react';
import { useNavigate, useParams } from 'react-router';
import { firstMeal } from '@/store/meals.ts';
import { db, isDemo } from '../browser/db.ts';
import { todayName } from '../open/todayName.ts';

/** Opens the meal that was named, or the newest, or on an empty start a new one to write in. */
export function Start() {
  const navigate = useNavigate();
  const { mealId } = useParams();
  useEffect(() => {
    let left = false;
    const open = async () => {
      if (isDemo) await (await import('../demo/demo.ts')).ensureDemo(db);
      const { meal, batch } = await firstMeal(db, todayName(), mealId);
      if (!left) await navigate(`/meals/${meal}/batches/${batch}/meat`, { replace: true });
    };
    open().catch(reportError);
    return () => {
      left = true;
    };
  }, [mealId, navigate]);
  return null;
}
