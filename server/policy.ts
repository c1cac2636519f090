/** What a page from here may load: nothing of any other host and no inline script. Every host that sends the app sends this. */
export const policy = {
  defaultSrc: ["'self'"],
  // The solver that shares out is WebAssembly.
  scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
  styleSrc: ["'self'"],
  workerSrc: ["'self'"],
  imgSrc: ["'self'", 'data:', 'blob:'],
  fontSrc: ["'self'"],
  connectSrc: ["'self'"],
  objectSrc: ["'none'"],
  baseUri: ["'none'"],
  frameAncestors: ["'none'"],
  formAction: ["'self'"],
};

/** The headers of a plain file host, by name. */
export const hostHeaders: Readonly<Record<string, string>> = {
  'Content-Security-Policy': Object.entries(policy)
    .map(([name, of]) => `${name.replaceAll(/[A-Z]/g, (sign) => `-${sign.toLowerCase()}`)} ${of.join(' ')}`)
    .join('; '),
  'X-Content-Type-Options': 'nosniff',
  'Referrer-Policy': 'no-referrer',
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Cross-Origin-Embedder-Policy': 'require-corp',
};
