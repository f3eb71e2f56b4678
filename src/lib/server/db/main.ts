import { configFrom } from './config';
import { migrate } from './migrate';

// Brings the database of a server up to date, and nothing else: npm run migrate.
await migrate(configFrom(process.env).databaseUrl);
