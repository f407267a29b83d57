/** A card as one file to hand out: its steps and how it folds, to be opened anywhere. */
@NullMarked
package vantbreeze.exchange.handout;

import org.jspecify.annotations.NullMarked;
