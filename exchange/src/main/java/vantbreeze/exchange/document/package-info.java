/** The plan document: a card as versioned JSON. */
package vantbreeze.exchange.document;
