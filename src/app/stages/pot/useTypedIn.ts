import { useDraft } from '../../open/drafts.ts';

/** What is typed and not in yet is there again after a crash, and after another page. Returns what to call with each text. */
export function useTypedIn(
  batch: string,
  type: (text: string) => void,
  near: () => void,
): (text: string) => void {
  const draft = useDraft(`${batch} put in`, '', (text) => {
    near();
    type(text);
  });
  return (text) => {
    type(text);
    if (text === '') draft.drop();
    else draft.keep(text);
  };
}
