package vantbreeze.core.check;

import java.util.List;

/** Looks a card over for one sort of thing and says what a maker should know. */
@FunctionalInterface
public interface Judge {

    /**
     * What it finds.
     *
     * @param words figures as the maker reads them, and names of panels and measures
     */
    List<Finding> findings(CheckedCard card, Words words);
}
