/** Plans of cuts, worked out behind what is asked. */
package vantbreeze.app.cutting;
