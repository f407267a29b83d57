/**
 * How a card moves from one pose to another: rigid panels on hinges, all loops kept closed.
 *
 * <p>Fold angles are free; those that some loop binds follow by Gauss–Newton steps on the closure equations, the
 * shortest step at each turn (damped least squares, Levenberg 1944; rigid folding by projection as in Tachi,
 * "Simulation of rigid origami", 2009).
 */
package vantbreeze.core.fold.motion;
