import './jitless.ts';
import { z } from 'zod';
import { type AfterStep, afterWhats, type Field, traitsOf } from '../work/index.ts';
import { duration, id, measured, name, share, volume } from './fields.ts';

/** How a field of a step stands in a file. */
function schemaOf(field: Field): z.ZodType {
  switch (field.of) {
    case 'one of':
      return z.enum(field.among);
    case 'volume':
      return volume;
    case 'measured':
      return measured;
    case 'name':
      return name;
    case 'id':
      return id;
    case 'share':
      return share;
  }
}

const variants = afterWhats.map((what) =>
  z.strictObject({
    id,
    what: z.literal(what),
    minutes: duration.optional(),
    ...Object.fromEntries(
      Object.entries(traitsOf(what).fields).map(([key, field]) => {
        const schema = schemaOf(field).optional();
        return [key, field.says === undefined ? schema : schema.describe(field.says)];
      }),
    ),
  }),
);
const [first, ...others] = variants;
if (!first) throw new Error('There are no steps.');

/** One thing that is done once the meat is tender: each kind with what it leaves open, as its own file says. */
export const afterStep = z.discriminatedUnion('what', [first, ...others]) as unknown as z.ZodType<AfterStep>;
