/**
 * Which structure of the catalogue a card is, given its pieces and, where it has them, its joins: with all measures
 * found, exactly or but for one figure. Nothing here knows any structure by name.
 */
package vantbreeze.core.recognition;
