import fc from 'fast-check';

/** One seed for every run: a failure prints it with its path and comes back the same. */
fc.configureGlobal({ seed: 20261125, numRuns: 60 });
