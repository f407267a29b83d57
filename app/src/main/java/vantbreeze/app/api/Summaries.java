package vantbreeze.app.api;

import static java.util.Objects.requireNonNull;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import vantbreeze.app.cards.Card;
import vantbreeze.app.cards.CardRow;
import vantbreeze.app.cards.Drawer;
import vantbreeze.app.cards.Summarizer;
import vantbreeze.app.cards.Summary;
import vantbreeze.core.check.Finding;
import vantbreeze.core.plan.WorkedPlan;

/** What lists show of a card: made once of the worked card, kept as JSON, and read from there. */
@Component
class Summaries implements Summarizer {

    private final ObjectMapper json;

    Summaries(ObjectMapper json) {
        this.json = json;
    }

    @Override
    public Summary of(Card card) {
        WorkedPlan worked = card.worked();
        CardRowView.FactsView facts = new CardRowView.FactsView(
                null,
                worked.structure().name(),
                SizeView.of(worked.footprint(), card.plan().ruler()),
                worked.fit() == null ? null : worked.fit().envelope().name(),
                worked.findings().stream()
                        .filter(finding -> finding.severity() == Finding.Severity.MUST_FIX)
                        .count());
        SketchView.DrawnView drawn = new SketchView.DrawnView(
                FormView.panels(worked),
                FormView.showing(worked),
                worked.structure().lies(),
                Stream.concat(LayerView.printed(worked).stream(), LayerView.unnumbered(worked).stream())
                        .toList(),
                PaperView.of(worked),
                PaperView.madeOf(worked));
        return new Summary(write(facts), write(drawn));
    }

    @Override
    public Summary unopenable(String why) {
        return new Summary(write(new CardRowView.FactsView(why, null, null, null, 0)), null);
    }

    CardRowView row(CardRow row) {
        return new CardRowView(
                row.id(),
                row.revision(),
                row.name(),
                row.changedAt(),
                row.deletedAt(),
                row.deletedAt() == null ? null : row.deletedAt().plus(Drawer.KEPT_ASIDE),
                read(row.facts(), CardRowView.FactsView.class));
    }

    SketchView sketch(Summary summary) {
        return new SketchView(
                requireNonNull(read(summary.facts(), CardRowView.FactsView.class)),
                read(summary.sketch(), SketchView.DrawnView.class));
    }

    private String write(Object view) {
        try {
            return json.writeValueAsString(view);
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** What was kept by this build is of its kind: summaries of another are made anew. */
    private <T> @Nullable T read(@Nullable String kept, Class<T> kind) {
        try {
            return kept == null ? null : json.readValue(kept, kind);
        } catch (JsonProcessingException garbled) {
            throw new IllegalStateException("a summary that can't be read", garbled);
        }
    }
}
