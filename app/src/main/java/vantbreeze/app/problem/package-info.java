/** What is answered when something can't be done: problem details (RFC 9457), each kind with a type of its own. */
package vantbreeze.app.problem;
