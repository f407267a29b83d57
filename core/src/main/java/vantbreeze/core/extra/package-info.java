/** What is set on a card of any structure: springs, figures, bands, sheets, small cards, toppers; how each is built. */
package vantbreeze.core.extra;
