/** What is wrong with a card, where, by how much, and what would mend it. */
package vantbreeze.core.check;
