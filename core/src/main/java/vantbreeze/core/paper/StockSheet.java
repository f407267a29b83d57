package vantbreeze.core.paper;

/**
 * A sheet as it is bought, before anything is cut from it.
 *
 * @param id how plans name it
 * @param name what it is sold as
 * @param size standing upright
 */
public record StockSheet(String id, String name, Size size) {}
