package vantbreeze.core.recipe;

import vantbreeze.core.paper.Size;

/**
 * A mat or layer that a recipe asks for.
 *
 * @param size as written, width first
 * @param count how many
 * @param start where it stands in the text
 * @param end where that ends
 */
public record Mat(Size size, int count, int start, int end) {}
