/** The spoon, lying. */
export const Spoon = () => (
  <svg viewBox="0 0 48 26" aria-hidden="true">
    <ellipse cx="11" cy="13" rx="9" ry="12" fill="currentColor" />
    <path d="M19 13h27" stroke="currentColor" strokeWidth="4" strokeLinecap="round" />
  </svg>
);
