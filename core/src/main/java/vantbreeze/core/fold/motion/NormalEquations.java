package vantbreeze.core.fold.motion;

import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.ejml.dense.row.factory.LinearSolverFactory_DDRM;

/**
 * The normal equations of a least-squares step, from which it is tried again, damped more, where it is refused
 * (Levenberg 1944, Marquardt 1963; from memory).
 */
final class NormalEquations {

    /** No angle goes farther than this at a step, radians: beyond it slopes say little. */
    private static final double FARTHEST = 0.5;

    private final DMatrixRMaj matrix;
    private final DMatrixRMaj right;
    private final double scale;

    private NormalEquations(DMatrixRMaj matrix, DMatrixRMaj right) {
        this.matrix = matrix;
        this.right = right;
        this.scale = Math.max(1, CommonOps_DDRM.elementMaxAbs(matrix));
    }

    /**
     * The equations at one pose. Most loops are moved by a few of the hinges only: what is no slope is passed over,
     * which takes a tenth of a product of whole matrices and gives the same figures.
     *
     * @param jacobian how each residual changes with each angle
     */
    static NormalEquations of(DMatrixRMaj jacobian, DMatrixRMaj residual) {
        int n = jacobian.getNumCols();
        DMatrixRMaj matrix = new DMatrixRMaj(n, n);
        DMatrixRMaj right = new DMatrixRMaj(n, 1);
        int[] moving = new int[n];
        for (int row = 0; row < jacobian.getNumRows(); row++) {
            int count = 0;
            for (int column = 0; column < n; column++) {
                if (jacobian.unsafe_get(row, column) != 0) {
                    moving[count++] = column;
                }
            }
            for (int i = 0; i < count; i++) {
                double slope = jacobian.unsafe_get(row, moving[i]);
                right.add(moving[i], 0, -slope * residual.get(row));
                for (int j = i; j < count; j++) {
                    int at = moving[i] * n + moving[j];
                    matrix.data[at] += slope * jacobian.unsafe_get(row, moving[j]);
                }
            }
        }
        CommonOps_DDRM.symmUpperToFull(matrix);
        return new NormalEquations(matrix, right);
    }

    /** The angles after a step, degrees. */
    double[] stepped(double[] angles, double damping) {
        int n = angles.length;
        DMatrixRMaj damped = matrix.copy();
        DMatrixRMaj move = new DMatrixRMaj(n, 1);
        for (int i = 0; i < n; i++) {
            damped.add(i, i, damping * scale);
        }
        var solver = LinearSolverFactory_DDRM.symmPosDef(n);
        if (solver.setA(damped)) {
            solver.solve(right, move);
        }
        double[] next = angles.clone();
        for (int i = 0; i < n; i++) {
            next[i] += Math.toDegrees(Math.max(-FARTHEST, Math.min(FARTHEST, move.get(i))));
        }
        return next;
    }
}
