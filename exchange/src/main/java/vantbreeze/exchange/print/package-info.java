/** Plans on paper, at true size, as PDF. */
package vantbreeze.exchange.print;
