package vantbreeze.exchange.print;

import java.util.ArrayList;
import java.util.List;

/**
 * How a drawing larger than a page is cut into overlapping tiles. Millimetres.
 *
 * @param page the page
 * @param landscape how it lies
 * @param columns tiles beside one another
 * @param rows tiles above one another
 * @param tileWidth width of the window on each page
 * @param tileHeight height of the window on each page
 */
record Tiling(PrintPage page, boolean landscape, int columns, int rows, double tileWidth, double tileHeight) {

    /** How far neighbouring tiles overlap, mm: enough to lay one on the other and tape them. */
    static final double OVERLAP = 10;

    /** One window: its place in the grid and where its lower left corner lies in the drawing. */
    record Tile(int column, int row, double left, double foot) {}

    /** The way round with the fewest pages; upright if both need as many. */
    static Tiling of(double width, double height, PrintPage page) {
        Tiling upright = of(width, height, page, false);
        Tiling lying = of(width, height, page, true);
        return lying.count() < upright.count() ? lying : upright;
    }

    int count() {
        return columns * rows;
    }

    /** The tiles row by row from the top left, as one lays them out. */
    List<Tile> tiles() {
        List<Tile> tiles = new ArrayList<>();
        for (int row = rows - 1; row >= 0; row--) {
            for (int column = 0; column < columns; column++) {
                tiles.add(new Tile(column, row, column * (tileWidth - OVERLAP), row * (tileHeight - OVERLAP)));
            }
        }
        return tiles;
    }

    private static Tiling of(double width, double height, PrintPage page, boolean landscape) {
        double across = page.width(landscape) - 2 * PrintPage.MARGIN;
        double up = page.height(landscape) - 2 * PrintPage.MARGIN - PrintPage.HEAD - PrintPage.FOOT;
        return new Tiling(page, landscape, pages(width, across), pages(height, up), across, up);
    }

    private static int pages(double length, double window) {
        return length <= window ? 1 : (int) Math.ceil((length - OVERLAP) / (window - OVERLAP));
    }
}
