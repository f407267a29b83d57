/** How far cards are built, kept while hands are busy. */
@NullMarked
package vantbreeze.app.building;

import org.jspecify.annotations.NullMarked;
