/** A card at the counter: what is handed in, which service takes it, and what would let a cheaper one. */
package vantbreeze.core.counter;
