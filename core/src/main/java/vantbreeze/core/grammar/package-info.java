/** Grammars that are written down as text, and all the ways in which words can be read by them, the likeliest first. */
package vantbreeze.core.grammar;
