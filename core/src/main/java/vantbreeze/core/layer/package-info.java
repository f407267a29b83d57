/** Mats and layers on the panels that show: what a maker decided, and what is to be cut for it. */
package vantbreeze.core.layer;
