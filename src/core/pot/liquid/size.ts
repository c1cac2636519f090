/** How large one of what is counted is, as a pattern: "2 large onions", "8 fat cloves". */
export const SIZE = '(?:(?:extra )?(?:small|medium|large|big|fat|plump|thick|thin|whole)(?:-sized)?)';
