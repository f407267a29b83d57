/** From bare sheets to the finished card, step by step. */
package vantbreeze.core.build;
