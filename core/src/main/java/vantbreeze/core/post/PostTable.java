package vantbreeze.core.post;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import vantbreeze.core.check.ValidationException;

/**
 * The services of a postal area, the least first.
 *
 * @param id how it is chosen
 * @param area where it holds
 * @param currency in which prices are typed, as ISO 4217 writes it
 * @param services those that there are; none while the maker has typed none
 */
public record PostTable(String id, String area, String currency, List<PostService> services) {

    /** So many services at the most. */
    public static final int MOST_SERVICES = 200;

    /** So long a name of the area at the most. */
    public static final int LONGEST_NAME = 80;

    /** @throws ValidationException where there are too many, or two of one id, or the area or its currency is none */
    public PostTable {
        area = area.strip();
        if (area.isEmpty() || area.length() > LONGEST_NAME) {
            throw new ValidationException(
                    "area", "A postal area needs a name of at most %s characters. Type one.".formatted(LONGEST_NAME));
        }
        if (!currency.matches("[A-Z]{3}")) {
            throw new ValidationException(
                    "currency", "A currency is written in three capital letters, like EUR. Type it again.");
        }
        services = List.copyOf(services);
        if (services.size() > MOST_SERVICES) {
            throw new ValidationException(
                    "services",
                    String.format(Locale.ROOT, "A table holds at most %d services. Put some away.", MOST_SERVICES));
        }
        Set<String> ids = new HashSet<>();
        for (PostService service : services) {
            if (!ids.add(service.id())) {
                throw new ValidationException(
                        "services",
                        "The service \"%s\" stands in the table twice. Take one out.".formatted(service.name()));
            }
        }
    }

    /** The service of that id. */
    public Optional<PostService> find(String service) {
        return services.stream().filter(one -> one.id().equals(service)).findFirst();
    }

    /** The same with a service: in place of that of its id, or as the last. */
    public PostTable with(PostService service) {
        List<PostService> all = new ArrayList<>(services);
        int at = find(service.id()).map(all::indexOf).orElse(-1);
        if (at < 0) {
            all.add(service);
        } else {
            all.set(at, service);
        }
        return new PostTable(id, area, currency, all);
    }

    /** The same without the service of that id. */
    public PostTable without(String service) {
        return new PostTable(
                id,
                area,
                currency,
                services.stream().filter(one -> !one.id().equals(service)).toList());
    }

    /**
     * A service for something.
     *
     * @param obstacles what stands in the way; none where it takes it
     */
    public record Asked(PostService service, List<Obstacle> obstacles) {

        public Asked {
            obstacles = List.copyOf(obstacles);
        }

        /** Whether it takes it. */
        public boolean takes() {
            return obstacles.isEmpty();
        }
    }

    /** Every service for something, the cheapest first: by what it costs where all are priced, else as they stand. */
    public List<Asked> ask(PostItem item) {
        boolean isPriced = services.stream().allMatch(service -> service.price() != null);
        Comparator<PostService> cheapest =
                Comparator.comparing(service -> service.cost(item).orElse(BigDecimal.ZERO));
        return services.stream()
                .sorted(isPriced ? cheapest : Comparator.comparingInt(services::indexOf))
                .map(service -> new Asked(service, service.against(item)))
                .toList();
    }

    /** The cheapest that takes something; nothing where none does. */
    public Optional<PostService> cheapest(PostItem item) {
        return ask(item).stream().filter(Asked::takes).map(Asked::service).findFirst();
    }

    /** Those that would be cheaper than what takes something, the cheapest first, and what stands in their way. */
    public List<Asked> cheaper(PostItem item) {
        return ask(item).stream().takeWhile(asked -> !asked.takes()).toList();
    }
}
