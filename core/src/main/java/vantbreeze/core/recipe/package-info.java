/** Recipes as people write them down: read, drawn, judged, and written out. */
package vantbreeze.core.recipe;
