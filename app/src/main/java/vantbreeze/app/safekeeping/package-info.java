/** Backups and copies of everything that is kept: made, looked at, put back. */
package vantbreeze.app.safekeeping;
