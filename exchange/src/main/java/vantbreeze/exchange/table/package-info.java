/** Lists as tables in open formats. */
package vantbreeze.exchange.table;
