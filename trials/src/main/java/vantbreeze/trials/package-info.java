/**
 * Trials: houses killed in the middle of work, fed with nonsense, on full disks, under a day's load; what came of it,
 * in figures.
 */
package vantbreeze.trials;
