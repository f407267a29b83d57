package vantbreeze.app.api;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.app.cards.Card;
import vantbreeze.core.counter.Counter;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.post.PostItem;
import vantbreeze.core.post.PostService;
import vantbreeze.core.post.PostTable;

/**
 * A card at the counter.
 *
 * @param revision of the card, to be sent back with a change
 * @param areas where services are known
 * @param area which of them is asked
 * @param outers what it can be sent in
 * @param misfit why its bought envelope is not among them; left out where that is no matter
 * @param outer which of them is asked; empty for the bare card
 * @param gifts how many gift cards lie in it
 * @param size how large it is, outside
 * @param thickness where it is thickest
 * @param grams all of it
 * @param cheapest id of the cheapest service that takes it; left out where none does
 * @param services each, the cheapest first
 * @param risks what may happen to it on its way
 */
public record PostView(
        int revision,
        List<PostalAreaView> areas,
        String area,
        List<OuterView> outers,
        @Nullable String misfit,
        String outer,
        int gifts,
        SizeView size,
        FigureView thickness,
        FigureView grams,
        @Nullable String cheapest,
        List<ServiceView> services,
        List<String> risks) {

    /** A postal area whose services are known. */
    public record PostalAreaView(String id, String name) {}

    /**
     * What a card can be sent in.
     *
     * @param id of a wrap, or of a bought envelope; empty for the bare card
     */
    public record OuterView(String id, String name) {}

    /**
     * A service.
     *
     * @param limits what it takes, in words
     * @param takes whether it takes the card so
     * @param obstacles what stands in the way, like "0.6 mm too thick"
     * @param dearer what it costs more for something of this shape; left out where it does not
     * @param price what it costs for this card, in the money of the area; left out where nobody typed it
     * @param source where its limits are from
     */
    public record ServiceView(
            String id,
            String name,
            String limits,
            boolean takes,
            List<String> obstacles,
            @Nullable String dearer,
            @Nullable String price,
            String source) {}

    /**
     * Changes of the card by each of which a service that would be cheaper takes it.
     *
     * @param service its id
     * @param ways none where no one is enough
     */
    public record WaysView(String service, List<WayView> ways) {}

    /** A change of the card, by its id. */
    public record WayView(String id, String words) {}

    static List<WaysView> ways(Counter counter) {
        return counter.ways().entrySet().stream()
                .map(ways -> new WaysView(
                        ways.getKey(),
                        ways.getValue().stream()
                                .map(saving -> new WayView(saving.id(), saving.words()))
                                .toList()))
                .toList();
    }

    static PostView of(
            Card card,
            List<PostTable> tables,
            PostTable table,
            List<OuterView> outers,
            @Nullable String misfit,
            String outer,
            int gifts,
            Counter counter) {
        Ruler ruler = card.plan().ruler();
        PostItem item = counter.item();
        return new PostView(
                card.revision(),
                tables.stream()
                        .map(one -> new PostalAreaView(one.id(), one.area()))
                        .toList(),
                table.id(),
                outers,
                misfit,
                outer,
                gifts,
                new SizeView(FigureView.estimate(item.length(), ruler), FigureView.estimate(item.width(), ruler)),
                FigureView.estimate(item.thickness(), ruler),
                FigureView.of(Math.ceil(item.grams()), "g"),
                counter.cheapest().map(PostService::id).orElse(null),
                counter.services().stream()
                        .map(asked -> service(asked, item, table.currency(), ruler))
                        .toList(),
                counter.risks());
    }

    private static ServiceView service(PostTable.Asked asked, PostItem item, String currency, Ruler ruler) {
        PostService service = asked.service();
        return new ServiceView(
                service.id(),
                service.name(),
                service.limits().inWords(ruler),
                asked.takes(),
                asked.obstacles().stream()
                        .map(obstacle -> obstacle.inWords(ruler))
                        .toList(),
                service.dearer(item).orElse(null),
                service.cost(item)
                        .map(cost -> "%s %s".formatted(cost.toPlainString(), currency))
                        .orElse(null),
                service.source());
    }
}
