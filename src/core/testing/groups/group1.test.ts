import { testGroup } from '../testGroup.ts';

await testGroup(1);
