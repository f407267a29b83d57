package vantbreeze.core.build;

import java.util.List;
import java.util.Set;
import java.util.function.Function;
import vantbreeze.core.fold.Face;

/**
 * What a card is made of, as it is seen.
 *
 * @param stocks of each piece of the card, what it is cut from
 * @param under panels of the card that lie hidden under the layers of a face
 */
record Materials(List<String> stocks, Function<Face, Set<Integer>> under) {}
