/** The web API: what the front end asks and what it is shown. */
package vantbreeze.app.api;
