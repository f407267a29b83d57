/** Tools and papers of the maker's own, kept once and used by every plan. */
package vantbreeze.app.stock;
