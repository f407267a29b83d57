/**
 * The fold model: flat pieces with creases and slits, the panels these enclose, the form that comes of folding.
 *
 * <p>Sheet coordinates: x to the right, y up, the decorated side towards the viewer (+z). A valley fold brings a panel
 * towards the viewer. No structure is known by name here.
 */
package vantbreeze.core.fold;
