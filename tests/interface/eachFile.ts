import { afterEach } from 'vitest';
import { closePages } from './browser';

afterEach(closePages);
