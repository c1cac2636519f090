interface Props {
  /** How high it is filled, 0 to 1. */
  readonly level: number;
  /** A slow cooker has a domed lid. */
  readonly slow: boolean;
  /** It wants somebody now: its lid is lifted. */
  readonly lifted: boolean;
}

/** A pot as it stands on the stove, filled to its level. */
export function SmallPot({ level, slow, lifted }: Props) {
  const h = 20 * Math.max(0.06, level);
  return (
    <svg viewBox="0 0 42 40" aria-hidden="true">
      <rect x="7.5" y={36 - h} width="27" height={h} fill="var(--broth)" opacity="0.85" />
      <path className="ink-line" strokeWidth="2" d="M6 14v19q0 4 4 4h22q4 0 4-4V14M2 18h4M36 18h4" />
      <g transform={lifted ? 'translate(-1 -5) rotate(-11 21 12)' : undefined}>
        {slow ? (
          <path className="ink-line" strokeWidth="2" d="M5 13q16-10 32 0z" />
        ) : (
          <path className="ink-line" strokeWidth="2.6" d="M4 13h34M18 8h6" />
        )}
      </g>
    </svg>
  );
}
