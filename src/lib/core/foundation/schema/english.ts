import { en } from 'zod/locales';
import * as z from 'zod/mini';

// The small build of the schema library has no words of its own for what is wrong.
z.config(en());
