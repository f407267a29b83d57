/** What a maker can change about a card: one sealed type, with what each change is held to. */
package vantbreeze.core.edit;
