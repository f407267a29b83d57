/** Who is let in, and how much they may bring: checks on every request before any room of the house hears of it. */
package vantbreeze.app.door;
