package vantbreeze.core.extra;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * All that is set on a card, in the order in which it is: a later one may stand on an earlier one.
 *
 * @param all what is set on it
 */
public record Extras(List<Extra> all) {

    /** Nothing. */
    public static final Extras NONE = new Extras(List.of());

    /** More than any card carries; keeps every plan quick to work out. */
    public static final int MOST = 12;

    /** @throws IllegalArgumentException in words for the maker, when there are too many, or two of one name */
    public Extras {
        all = List.copyOf(all);
        if (all.size() > MOST) {
            throw new IllegalArgumentException(
                    String.format(Locale.ROOT, "A card carries %d such things at the most. Take one off first.", MOST));
        }
        Set<String> ids = new HashSet<>();
        Set<String> names = new HashSet<>();
        for (Extra extra : all) {
            if (!ids.add(extra.id()) || !names.add(extra.name())) {
                throw new IllegalArgumentException(
                        "There is a \"%s\" on this card already. Give this one another name.".formatted(extra.name()));
            }
        }
    }

    /** The one of that id. */
    public Optional<Extra> find(String id) {
        return all.stream().filter(extra -> extra.id().equals(id)).findFirst();
    }

    /** The one to which a measure or a choice belongs. */
    public Optional<Extra> having(String key) {
        return all.stream().filter(extra -> extra.has(key)).findFirst();
    }

    /** An id that none has. */
    public String freeId() {
        return IntStream.iterate(1, i -> i + 1)
                .mapToObj(i -> "extra-" + i)
                .filter(id -> find(id).isEmpty())
                .findFirst()
                .orElseThrow();
    }

    /** The same and one more. */
    public Extras with(Extra extra) {
        List<Extra> more = new ArrayList<>(all);
        more.add(extra);
        return new Extras(more);
    }

    /** The same without that one, and without what stands on it. */
    public Extras without(String id) {
        Set<String> gone = new HashSet<>();
        List<Extra> left = new ArrayList<>();
        for (Extra extra : all) {
            if (extra.id().equals(id) || gone.stream().anyMatch(extra::standsOn)) {
                gone.add(extra.name());
            } else {
                left.add(extra);
            }
        }
        return new Extras(left);
    }
}
