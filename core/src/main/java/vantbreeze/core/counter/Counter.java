package vantbreeze.core.counter;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fold.Lazy;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.Wrapping;
import vantbreeze.core.post.Obstacle;
import vantbreeze.core.post.PostItem;
import vantbreeze.core.post.PostService;
import vantbreeze.core.post.PostTable;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/** The counter of a postal area: which service takes a card as it shall be sent, and what would make it cheaper. */
public final class Counter {

    /** So many ways to each cheaper service are told. */
    private static final int WAYS = 3;

    /** What a change of what is on the card can mend. */
    private static final Set<Obstacle.Limit> INSIDE = EnumSet.of(Obstacle.Limit.THICKNESS, Obstacle.Limit.WEIGHT);

    /** What a smaller card can mend. */
    private static final Set<Obstacle.Limit> OUTSIDE = EnumSet.of(Obstacle.Limit.LENGTH, Obstacle.Limit.WIDTH);

    private final PostTable table;
    private final Sending sending;
    private final Mailing mailing;
    private final PostItem item;
    private final Lazy<List<Tried>> tried = new Lazy<>(this::tried);
    /** What was tried on top of a first change, by its id: most services ask for the same. */
    private final Map<String, List<Tried>> onTop = new HashMap<>();

    /** A card handed in where these services are. */
    public Counter(PostTable table, Sending sending) {
        this.table = table;
        this.sending = sending;
        this.mailing = sending.mailing();
        this.item = mailing.item(sending.card().tools().allowances());
    }

    /** A change, and what would be handed in then. */
    private record Tried(Saving saving, PostItem item) {}

    /** What is handed in. */
    public PostItem item() {
        return item;
    }

    /** Every service, the cheapest first, and what stands in its way. */
    public List<PostTable.Asked> services() {
        return table.ask(item);
    }

    /** The cheapest that takes it; nothing where none does. */
    public Optional<PostService> cheapest() {
        return table.cheapest(item);
    }

    /**
     * For each service that would be cheaper the changes of the card by each of which it would take it, by its id:
     * single ones, or where none is enough two together; none where that does not help either.
     */
    public Map<String, List<Saving>> ways() {
        Map<String, List<Saving>> ways = new TreeMap<>();
        for (PostTable.Asked cheaper : table.cheaper(item)) {
            boolean isToBeSaved = cheaper.obstacles().stream().allMatch(this::canBeSaved);
            ways.put(cheaper.service().id(), isToBeSaved ? ways(cheaper) : List.of());
        }
        return ways;
    }

    /** A bought envelope is as large as it is, whatever is in it. */
    private boolean canBeSaved(Obstacle obstacle) {
        return obstacle.beyond() > 0
                && (INSIDE.contains(obstacle.limit())
                        || (sending.envelope() == null && OUTSIDE.contains(obstacle.limit())));
    }

    private List<Saving> ways(PostTable.Asked cheaper) {
        PostService service = cheaper.service();
        double tooLong = beyond(cheaper, Obstacle.Limit.LENGTH);
        double tooWide = beyond(cheaper, Obstacle.Limit.WIDTH);
        if (tooLong > 0 || tooWide > 0) {
            return Savings.smaller(sending.card(), tooLong, tooWide).flatMap(this::tried).stream()
                    .flatMap(smaller ->
                            takes(service, smaller) ? Stream.of(smaller.saving()) : with(smaller.saving(), service))
                    .limit(WAYS)
                    .toList();
        }
        List<Saving> single = tried.get().stream()
                .filter(one -> takes(service, one))
                .map(Tried::saving)
                .limit(WAYS)
                .toList();
        return single.isEmpty() ? two(service) : single;
    }

    private static boolean takes(PostService service, Tried tried) {
        return service.against(tried.item()).isEmpty();
    }

    private static double beyond(PostTable.Asked asked, Obstacle.Limit limit) {
        return asked.obstacles().stream()
                .filter(obstacle -> obstacle.limit() == limit)
                .mapToDouble(Obstacle::beyond)
                .sum();
    }

    /** What brings it nearest, and one thing more. */
    private List<Saving> two(PostService service) {
        return tried.get().stream()
                .min(Comparator.comparingDouble(one -> lacks(service, one.item())))
                .map(first -> with(first.saving(), service).limit(WAYS).toList())
                .orElse(List.of());
    }

    /** How far something is from being taken: ten grams are as bad as a millimetre. */
    private static double lacks(PostService service, PostItem item) {
        return service.against(item).stream()
                .mapToDouble(obstacle -> Math.abs(obstacle.beyond()) / (obstacle.isWeight() ? 10 : 1))
                .sum();
    }

    /** Each that is enough together with a first. */
    private Stream<Saving> with(Saving first, PostService service) {
        return onTop.computeIfAbsent(first.id(), id -> onTop(first)).stream()
                .filter(both -> takes(service, both))
                .map(Tried::saving);
    }

    private List<Tried> onTop(Saving first) {
        return Savings.of(sending.card().workshop().work(first.plan())).stream()
                .map(first::and)
                .flatMap(both -> tried(both).stream())
                .toList();
    }

    private List<Tried> tried() {
        return Savings.of(sending.card()).stream()
                .flatMap(saving -> tried(saving).stream())
                .toList();
    }

    /** Nothing of what can't be made so: it is no way. */
    private Optional<Tried> tried(Saving saving) {
        try {
            return Optional.of(new Tried(saving, sending.after(saving).item()));
        } catch (ValidationException impossible) {
            return Optional.empty();
        }
    }

    /** What may happen to it on its way, in sentences for the maker. */
    public List<String> risks() {
        Ruler ruler = sending.card().ruler();
        Allowances allowances = sending.card().tools().allowances();
        List<String> risks = new ArrayList<>();
        if (item.stiff()) {
            risks.add("At %s it does not bend round a roller: it is sorted by hand and may cost more. Ask first."
                    .formatted(Figure.estimate(item.thickness(), ruler).inWords()));
        }
        if (item.uneven()) {
            risks.add(("It is %s thicker in one place than beside it, more than %s: rollers press there. "
                            + "Lay a sheet of card over it, or send it padded.")
                    .formatted(
                            Figure.estimate(mailing.unevenness(), ruler).inWords(),
                            Figure.of(allowances.of(Allowance.POST_EVEN), ruler).inWords()));
        }
        if (sending.envelope() == null && sending.wraps().stream().noneMatch(wrap -> Wrapping.isEnvelope(wrap))) {
            risks.add("It has no envelope: edges and layers rub and catch on the way.");
        }
        return risks;
    }
}
