/** Cards out of no catalogue: pieces, scores, slits and joins as a maker drew them. */
package vantbreeze.core.free;
