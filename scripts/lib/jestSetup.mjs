import fc from 'fast-check';

// One seed for every property: a failure on one machine is the same on another, and CI never fails by chance.
fc.configureGlobal({ ...fc.readConfigureGlobal(), seed: 1964 });
