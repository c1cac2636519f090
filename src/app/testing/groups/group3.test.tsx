import { testGroup } from '@/core/testing/testGroup.ts';

await testGroup(3);
