/** Files that a first cook needs: the page, what it loads until it rests, and the letters it is written in. All else is kept while nobody waits. */
export const AT_ONCE =
  /^(index\.html|manifest\.webmanifest|spoon\.svg|assets\/((libraries|index|first|core|core\.worker|rolldown-runtime)-[\w-]+\.(js|css)|[a-z-]+-latin-wght-normal-[\w-]+\.woff2))$/;
