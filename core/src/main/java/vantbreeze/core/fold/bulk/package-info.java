/** How thick and how heavy a folded card is, and what a nest of panels needs to lie flat. */
package vantbreeze.core.fold.bulk;
