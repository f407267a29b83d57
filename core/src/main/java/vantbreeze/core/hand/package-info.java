/** Working on a card by hand: taking hold of a line on the sheet and moving it. */
package vantbreeze.core.hand;
