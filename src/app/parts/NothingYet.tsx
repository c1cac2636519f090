import { Link } from 'react-router';

/** A sheet before anything was bought. */
export function NothingYet({ title }: { readonly title: string }) {
  return (
    <>
      <h1>{title}</h1>
      <p className="nothing">
        Nothing is bought yet.{' '}
        <Link to="../meat" relative="path">
          Write a weight and a cut
        </Link>
        , and it is worked out here.
      </p>
    </>
  );
}
