/** What came out otherwise than planned while a card was made, and what that does to the rest of it. */
package vantbreeze.core.made;
