/** The tools at the table: what they can score and cut. */
package vantbreeze.core.tool;
