/**
 * Which panel lies over which when a card is folded flat.
 *
 * <p>The conditions are those of the literature on flat foldability: taco–taco, taco–tortilla and transitivity (J.
 * Justin 1997; Akitaya, Demaine, Ku et al., "Computing flat-folded states", 2024). One variable stands for each pair of
 * overlapping facets.
 */
package vantbreeze.core.fold.order;
