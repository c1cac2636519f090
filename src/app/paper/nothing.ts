/** Stands for what the library for paper can load and is never asked for. */
export default undefined;
