/** What is to be cut for a card, and from which sheets. */
package vantbreeze.core.cutting;
