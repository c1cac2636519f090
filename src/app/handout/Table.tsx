import type { Wall } from '@/core/clock/index.ts';
import { waitedWords, waitsWords } from '@/words/index.ts';
import type { PersonJobs } from './layout.ts';

/** The same as the drawing, to be read out. */
export function Table({ people, wall }: { readonly people: readonly PersonJobs[]; readonly wall: Wall }) {
  return (
    <table className="visually-hidden">
      <caption>Who does what</caption>
      <thead>
        <tr>
          <th scope="col">When</th>
          <th scope="col">Who</th>
          <th scope="col">What</th>
        </tr>
      </thead>
      <tbody>
        {people
          .flatMap(({ id, name, jobs }) => jobs.map((job) => ({ id, name, job })))
          .toSorted((a, b) => a.job.at - b.job.at)
          .map(({ id, name, job }) => (
            <tr key={`${id} ${job.id}`}>
              <td>{wall.clock(job.at)}</td>
              <td>{name}</td>
              <td>
                {[
                  job.words,
                  ...(job.waits ?? []).map((one) => waitsWords(one, wall.clock)),
                  ...(job.waited ?? []).map((one) => waitedWords(one, wall.clock)),
                ].join('; ')}
              </td>
            </tr>
          ))}
      </tbody>
    </table>
  );
}
