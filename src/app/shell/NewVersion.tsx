import { useState } from 'react';
import { newVersion } from '../open/offline.ts';
import { useWatched } from '../browser/watched.ts';

/** A new version has been loaded and asks before it takes over. */
export function NewVersion() {
  const take = useWatched(newVersion);
  const [later, setLater] = useState(false);
  if (!take || later) return null;
  return (
    <div className="faults" role="status">
      <span>A new version of Slow Spoon is here. Every open tab reloads; nothing you typed is lost.</span>{' '}
      <button type="button" className="btn btn-sm act is-first" onClick={take}>
        Update
      </button>{' '}
      <button type="button" className="btn btn-sm act" onClick={() => setLater(true)}>
        Later
      </button>
    </div>
  );
}
