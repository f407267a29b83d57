/** Dies and punches: what shapes and sizes the maker has, and which go together. */
package vantbreeze.core.die;
