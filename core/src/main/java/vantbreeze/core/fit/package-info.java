/** What fits where: cards in envelopes, pieces on sheets, and the sizes that follow. */
package vantbreeze.core.fit;
