package vantbreeze.app.cutting;

import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.cutting.CutPlan;
import vantbreeze.core.cutting.CutWatch;
import vantbreeze.core.cutting.OtherPlans;

/** A plan of cuts that is being worked out, or was. */
public final class CuttingJob implements CutWatch {

    private final CompletableFuture<CutPlan> plan = new CompletableFuture<>();
    private volatile boolean isStopped;
    private volatile double share;
    private volatile @Nullable CutPlan soFar;
    private volatile OtherPlans others = OtherPlans.NONE;

    @Override
    public boolean isStopped() {
        return isStopped;
    }

    @Override
    public void told(CutPlan found, double part) {
        soFar = found;
        share = part;
    }

    /** Ends it with the best found so far. */
    public void stop() {
        isStopped = true;
    }

    /** Whether somebody stopped it: more time might have found better. */
    public boolean wasStopped() {
        return isStopped;
    }

    /** How much of the work is done, 0 to 1. */
    public double share() {
        return share;
    }

    boolean isOver() {
        return plan.isDone();
    }

    void done(CutPlan found, OtherPlans beside) {
        others = beside;
        plan.complete(found);
    }

    /** What it would be with less decided by hand; none while it is not done. */
    public OtherPlans others() {
        return others;
    }

    void failed(RuntimeException failure) {
        plan.completeExceptionally(failure);
    }

    /** The plan, if it is there within so many milliseconds. */
    public Optional<CutPlan> within(long milliseconds) {
        try {
            return Optional.of(plan.get(milliseconds, TimeUnit.MILLISECONDS));
        } catch (TimeoutException notYet) {
            return Optional.empty();
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            return Optional.empty();
        } catch (ExecutionException failure) {
            if (failure.getCause() instanceof RuntimeException cause) {
                throw cause;
            }
            throw new IllegalStateException(failure);
        }
    }

    /** The best so far; nothing while there is none. */
    public Optional<CutPlan> soFar() {
        return Optional.ofNullable(soFar);
    }
}
