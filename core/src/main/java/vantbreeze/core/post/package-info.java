/** What postal services take: tables of limits, surcharges and prices. */
package vantbreeze.core.post;
