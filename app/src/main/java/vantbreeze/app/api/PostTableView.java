package vantbreeze.app.api;

import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.post.PostService;
import vantbreeze.core.post.PostTable;
import vantbreeze.core.post.PostTables;

/**
 * A postal area with its services, as they are typed.
 *
 * @param currency as ISO 4217 writes it
 * @param isOwn whether it is none that the house ships
 * @param isChanged whether it is one of the house that the maker changed
 */
public record PostTableView(
        String id, String area, String currency, boolean isOwn, boolean isChanged, List<TypedService> services) {

    /**
     * A service as it is typed.
     *
     * @param limits what it takes at the most, in words
     * @param typed its fields
     */
    public record TypedService(String id, String limits, PostCommand.NewService typed) {

        private static TypedService of(PostService service) {
            var limits = service.limits();
            var due = service.surcharges();
            // what is published in inches is read in inches
            Ruler ruler = Stream.of(limits.length(), limits.width(), limits.thickness())
                            .anyMatch(span -> isInches(span.to()))
                    ? Ruler.SIXTEENTHS
                    : Ruler.MM_1;
            return new TypedService(
                    service.id(),
                    limits.inWords(ruler),
                    new PostCommand.NewService(
                            service.name(),
                            PostCommand.TypedSpan.of(limits.length(), ruler),
                            PostCommand.TypedSpan.of(limits.width(), ruler),
                            PostCommand.TypedSpan.of(limits.thickness(), ruler),
                            PostCommand.TypedSpan.plain(limits.weight()),
                            limits.together() > 0 ? PostCommand.measure(limits.together(), ruler) : "",
                            PostCommand.TypedSpan.plain(limits.ratio()),
                            PostCommand.TypedSpan.plain(due.ratio()),
                            money(due.square()),
                            money(due.stiff()),
                            money(service.price()),
                            service.source()));
        }
    }

    static List<PostTableView> all(List<PostTable> own) {
        return PostTables.with(own).stream().map(PostTableView::of).toList();
    }

    private static PostTableView of(PostTable table) {
        boolean isOwn = PostTables.find(table.id()).isEmpty();
        return new PostTableView(
                table.id(),
                table.area(),
                table.currency(),
                isOwn,
                !isOwn && PostTables.find(table.id()).stream().noneMatch(table::equals),
                table.services().stream().map(TypedService::of).toList());
    }

    private static boolean isInches(double millimetres) {
        Length length = Length.nearest(millimetres);
        return Ruler.SIXTEENTHS.marks(length) && !Ruler.MM_1.marks(length);
    }

    private static String money(@Nullable BigDecimal money) {
        return money == null ? "" : money.toPlainString();
    }
}
