/** Where a meal or a sitting is served. */
export const places = [
  { value: 'here', words: 'served here' },
  { value: 'kept hot', words: 'kept hot' },
  { value: 'sent out', words: 'sent out' },
] as const;
