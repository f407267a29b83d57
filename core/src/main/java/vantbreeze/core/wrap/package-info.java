/**
 * Wraps: what goes round a closed card, each built of pieces, scores and joins like a card, and sized from the card.
 */
package vantbreeze.core.wrap;
