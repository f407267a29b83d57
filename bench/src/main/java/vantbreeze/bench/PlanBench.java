package vantbreeze.bench;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.ZFold;

/** One plan worked out from its measures: pieces, panels, folded form, motion, fit and findings. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 3, time = 1)
@Fork(1)
public class PlanBench {

    private final Workshop workshop = Workshop.standard();
    private final Plan zFold = Plan.of(
                    "Kite day",
                    "z-fold",
                    new ZFold().proportioned(Size.ofMillimetres(148, 104), Ruler.MM_1),
                    Ruler.MM_1)
            .withEnvelope("c6")
            .withSheet("a4");

    @Benchmark
    public WorkedPlan zFoldPlan() {
        return workshop.work(zFold).whole();
    }
}
