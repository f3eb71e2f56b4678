// Builds the application unless the build is of exactly these sources.
import { needBuild } from './build.mjs';

needBuild();
