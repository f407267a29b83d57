/** How a card folds from pose to pose: closed form, order and motion put together. */
package vantbreeze.core.fold.folding;
