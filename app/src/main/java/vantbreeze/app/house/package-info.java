/** The house as a program: its folder, how it is started, what state it is in. */
package vantbreeze.app.house;
