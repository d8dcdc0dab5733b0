/** Installs what is missing and builds the application where there is no build newer than the sources. */
import { build, installDependencies } from './prepare.mjs';

installDependencies();
build();
