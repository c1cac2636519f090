/** Where the tests find the app: on ports that were free when they began, or on these. */
export const ports = {
  own: Number(process.env.OWN_PORT ?? 4180),
  demo: Number(process.env.DEMO_PORT ?? 4181),
};
