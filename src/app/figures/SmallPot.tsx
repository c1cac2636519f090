/** A pot as it stands on the stove, filled to its level; a slow cooker has a domed lid. */
export function SmallPot({ level, slow }: { readonly level: number; readonly slow: boolean }) {
  const h = 20 * Math.max(0.06, level);
  return (
    <svg viewBox="0 0 42 36" aria-hidden="true">
      <rect x="7.5" y={32 - h} width="27" height={h} fill="var(--broth)" opacity="0.85" />
      <path className="ink-line" strokeWidth="2" d="M6 10v19q0 4 4 4h22q4 0 4-4V10" />
      {slow ? (
        <path className="ink-line" strokeWidth="2" d="M5 10q16-10 32 0z" />
      ) : (
        <path className="ink-line" strokeWidth="2.6" d="M4 9h34M18 4h6M2 14h4M36 14h4" />
      )}
    </svg>
  );
}
