package vantbreeze.app.api;

import jakarta.validation.Valid;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.Entry;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/** What the maker allows for: the trade's values, and their own in place of some. */
@RestController
@RequestMapping("/api/stock/allowances")
class AllowanceController {

    /**
     * One allowance.
     *
     * @param figure what it is
     * @param own whether that is the maker's own
     * @param usual what the trade takes; for a length that of those who measure in inches
     * @param metric what those take who measure in millimetres, where that is another
     */
    public record AllowanceView(
            String id,
            String label,
            String why,
            String source,
            FigureView figure,
            boolean own,
            FigureView usual,
            @Nullable FigureView metric) {}

    /** Allowances that are looked at together. */
    public record AllowanceGroup(String label, List<AllowanceView> allowances) {}

    /**
     * An allowance as typed.
     *
     * @param text what the maker wrote; left out for the trade's
     * @param divisions instead: how many marks of the ruler it is shown on to move it by
     */
    public record NewAllowance(@Nullable @MaybeText String text, @Nullable Integer divisions) {}

    private final StockRoom stock;

    AllowanceController(StockRoom stock) {
        this.stock = stock;
    }

    @GetMapping
    List<AllowanceGroup> all() {
        Allowances own = stock.own().tools().allowances();
        return Allowance.GROUPS.stream()
                .map(group -> new AllowanceGroup(
                        group.label(),
                        group.allowances().stream().map(one -> view(one, own)).toList()))
                .toList();
    }

    @PutMapping("/{id}")
    List<AllowanceGroup> set(@PathVariable String id, @Valid @RequestBody NewAllowance asked) {
        Allowance allowance = Allowance.ALL.stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotHere("There is no such allowance. Look at the list again."));
        stock.change(own -> own.with(own.tools().with(changed(own.tools().allowances(), allowance, asked))));
        return all();
    }

    private static Allowances changed(Allowances own, Allowance allowance, NewAllowance asked) {
        try {
            if (allowance instanceof Allowance.OfLength length) {
                return own.with(length, length(own, length, asked));
            }
            Allowance.OfNumber number = (Allowance.OfNumber) allowance;
            return own.with(number, number(own, number, asked));
        } catch (ValidationException refused) {
            throw refused;
        } catch (IllegalArgumentException senseless) {
            throw new ValidationException(allowance.id(), String.valueOf(senseless.getMessage()));
        }
    }

    private static @Nullable Length length(Allowances own, Allowance.OfLength allowance, NewAllowance asked) {
        Length present = own.of(allowance);
        Ruler ruler = ruler(present);
        if (asked.divisions() != null) {
            return Entry.moved(present, asked.divisions(), ruler);
        }
        return asked.text() == null ? null : Entry.read(allowance.id(), asked.text(), ruler);
    }

    private static @Nullable Double number(Allowances own, Allowance.OfNumber allowance, NewAllowance asked) {
        if (asked.divisions() != null) {
            return own.of(allowance) + Entry.within(asked.divisions()) * step(allowance);
        }
        if (asked.text() == null) {
            return null;
        }
        String figure =
                asked.text().replace(allowance.unit(), "").replace(',', '.').strip();
        try {
            return Double.valueOf(figure);
        } catch (NumberFormatException unreadable) {
            throw new ValidationException(
                    allowance.id(),
                    "\"%s\" is no number. Type a figure, like %s.".formatted(figure, allowance.usual()));
        }
    }

    /** A tenth of what is about one, ten of what goes into hundreds. */
    private static double step(Allowance.OfNumber allowance) {
        return allowance.most() <= 4 ? 0.1 : allowance.most() > 200 ? 10 : 1;
    }

    private static AllowanceView view(Allowance one, Allowances own) {
        if (one instanceof Allowance.OfLength length) {
            Length value = own.of(length);
            return new AllowanceView(
                    one.id(),
                    one.label(),
                    one.why(),
                    one.source(),
                    figure(value),
                    own.lengths().containsKey(one.id()),
                    figure(length.inches()),
                    length.metric().equals(length.inches()) ? null : figure(length.metric()));
        }
        Allowance.OfNumber number = (Allowance.OfNumber) one;
        return new AllowanceView(
                one.id(),
                one.label(),
                one.why(),
                one.source(),
                FigureView.of(own.of(number), number.unit()),
                own.numbers().containsKey(one.id()),
                FigureView.of(number.usual(), number.unit()),
                null);
    }

    /** As on its ruler, or between two marks of it exactly. */
    private static FigureView figure(Length length) {
        Ruler ruler = ruler(length);
        return ruler.marks(length) ? FigureView.of(length, ruler) : FigureView.of(length.millimetres(), "mm");
    }

    /** The ruler that a length lies on: of millimetres, unless it only lies on one of inches. */
    private static Ruler ruler(Length length) {
        return Ruler.THIRTY_SECONDS.marks(length) && !Ruler.MM_HALF.marks(length)
                ? Ruler.THIRTY_SECONDS
                : Ruler.MM_HALF;
    }
}
