import swc from '@swc/jest';

/*
 * Tests run in a context of their own, in which every use of a global (Math, Number …) asks the context first: half of the time
 * of the numeric kernels went into that. Each module takes those that it uses once, at its start.
 */
const NAMES = [
  'Math',
  'Number',
  'Object',
  'Array',
  'Float64Array',
  'Map',
  'Set',
  'WeakMap',
  'NaN',
  'Infinity',
];

const declares = (code, name) =>
  new RegExp(
    `(?:\\b(?:const|let|var|class|function)\\s+|import[^;]*[{,\\s])${name}\\b(?!\\s*:)[^;]*?(?:from|=|\\(|\\{|;)`,
  ).test(code);

const withGlobals = (code) => {
  const used = NAMES.filter((name) => new RegExp(`\\b${name}\\b`).test(code) && !declares(code, name));
  return used.length > 0 ? `const { ${used.join(', ')} } = globalThis;${code}` : code;
};

/** Libraries come as they are, but for that. */
const library = {
  process: (code) => ({ code: withGlobals(code) }),
  getCacheKey: (code, path) => `${path} ${code.length} globals 1`,
};

export default {
  createTransformer(options) {
    if (options?.library) return library;
    const inner = swc.createTransformer(options);
    const own = ({ code, ...more }) => ({ ...more, code: withGlobals(code) });
    return {
      ...inner,
      process: (...args) => own(inner.process(...args)),
      processAsync: async (...args) => own(await inner.processAsync(...args)),
      getCacheKey: (...args) => `${inner.getCacheKey(...args)} globals 1`,
    };
  },
};
