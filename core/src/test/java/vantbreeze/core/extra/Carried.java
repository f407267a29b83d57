package vantbreeze.core.extra;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.Finding;
import vantbreeze.core.edit.Carry;
import vantbreeze.core.edit.SetField;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Side;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;

/** Cards with something set on them, the way a maker sets it. */
final class Carried {

    static final Workshop WORKSHOP = Workshop.standard();
    static final Ruler MM = Ruler.find("mm").orElseThrow();

    private Carried() {}

    static Plan card(String structure, int width, int height) {
        return Plan.of(
                "Kite day",
                structure,
                WORKSHOP.structure(structure).proportioned(Size.ofMillimetres(width, height), MM),
                MM);
    }

    static Plan put(Plan plan, String kind, String name, String panel, @Nullable String to) {
        return put(plan, kind, name, panel, Side.FACE, to);
    }

    static Plan put(Plan plan, String kind, String name, String panel, Side side, @Nullable String to) {
        WorkedPlan worked = WORKSHOP.work(plan);
        return new Carry.Put(kind, name, new Face(index(worked, panel), side), to == null ? null : index(worked, to))
                .on(plan, WORKSHOP)
                .plan();
    }

    static Plan set(Plan plan, String... fieldsAndTexts) {
        Plan after = plan;
        for (int i = 0; i < fieldsAndTexts.length; i += 2) {
            after = SetField.to(fieldsAndTexts[i], fieldsAndTexts[i + 1])
                    .on(after, WORKSHOP)
                    .plan();
        }
        return after;
    }

    static int index(WorkedPlan worked, String panel) {
        for (int piece = 0; piece < worked.pieces().size(); piece++) {
            var found = worked.form().graph().find(new PanelRef(piece, panel));
            if (found.isPresent()) {
                return found.get();
            }
        }
        throw new AssertionError("no panel " + panel);
    }

    static Length mm(double length) {
        return Length.nearest(length);
    }

    static List<String> wrong(WorkedPlan worked) {
        return worked.findings().stream()
                .filter(finding -> finding.severity() == Finding.Severity.MUST_FIX)
                .map(Finding::text)
                .toList();
    }
}
