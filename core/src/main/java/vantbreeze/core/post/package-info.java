/** What a wrapped card costs to send, and why: services as tables of limits that the maker edits. */
package vantbreeze.core.post;
