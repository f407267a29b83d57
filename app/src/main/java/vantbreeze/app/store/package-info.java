/** Cards in the database. */
package vantbreeze.app.store;
