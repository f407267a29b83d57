/** Exact lengths, and reading and writing them the way makers do. */
package vantbreeze.core.length;
