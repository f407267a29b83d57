/** The drawer: cards kept, changed, put aside and brought back. */
package vantbreeze.app.cards;
