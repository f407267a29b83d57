/** The catalogue: every structure a card can have, one class each, built from the parts of the fold model. */
package vantbreeze.core.structure;
