import { configure } from '@testing-library/svelte';

/** A busy machine is slow, not wrong: what comes late is waited for (ms). */
configure({ asyncUtilTimeout: 10_000 });
