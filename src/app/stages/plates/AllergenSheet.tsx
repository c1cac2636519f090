import { allergensByDish } from '@/core/model/index.ts';
import { containsWords, fromWords, GO_BY_LABEL, notKnownWords } from '@/words/index.ts';
import { saveFile } from '../../browser/saveText.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import css from './plates.module.scss';
import { PdfButton } from '../../parts/PdfButton.tsx';

/** What each dish contains and from what, with what is not known as loud as the rest; to print for the door. */
export default function AllergenSheet() {
  const { opened, loaded } = useOpenMeal();
  const pots = loaded.batches.length;
  const dishes = allergensByDish(opened.input).map(({ dish, name, contains, notKnown }) => ({
    dish,
    name,
    contains: containsWords({ contains }, pots),
    notKnown: notKnownWords(notKnown.map((one) => fromWords([one], pots))),
  }));
  const pdf = async () => {
    const [{ allergenSheet }, { asPdf, paperFonts }] = await Promise.all([
      import('../../paper/allergens.ts'),
      import('../../paper/fonts.ts'),
    ]);
    const { name } = loaded.meal;
    saveFile(`${name} allergens.pdf`, asPdf(allergenSheet(name, dishes, GO_BY_LABEL, await paperFonts())));
  };
  return (
    <section aria-label="What each dish contains">
      <dl className={css.contains}>
        {dishes.map(({ dish, name, contains, notKnown }) => (
          <div key={dish}>
            <dt>{name}</dt>
            <dd>
              {contains.map(({ what, from }) => (
                <span key={what}>
                  <b>{what}</b> <small>{from}</small>
                </span>
              ))}
              {contains.length === 0 && notKnown === '' && <span>nothing of the list is known in it</span>}
              {notKnown !== '' && <b className={css.notKnown}>{notKnown}</b>}
            </dd>
          </div>
        ))}
      </dl>
      <p className="choices">
        <span className="quiet">{GO_BY_LABEL}</span>
        <PdfButton words="The sheet, PDF" write={pdf} />
      </p>
    </section>
  );
}
