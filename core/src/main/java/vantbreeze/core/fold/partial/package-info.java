/** A card half put together: what hangs together, how it moves and what of it is seen. */
package vantbreeze.core.fold.partial;
