package ablemedic.takeoff;

import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.linear.EigenDecompositionNonSymmetric;
import org.hipparchus.linear.RealMatrix;

/**
 * Eigenvalues of any flow. The shifts of the QR steps go round in circles on a few matrices with many zeros and equal
 * entries; those are moved by so little that no motion is told otherwise, and taken again.
 */
final class Eigen {
    private static final double EPSILON = 1e-12;
    /** By this share of its norm a matrix is moved first, and ten times as much each time after. */
    private static final double MOVED = 1e-11;

    private static final int TRIES = 5;

    private Eigen() {}

    static EigenDecompositionNonSymmetric of(RealMatrix flow) {
        MathIllegalStateException last = null;
        double moved = MOVED * Math.max(1, flow.getNorm1());
        RealMatrix tried = flow;
        for (int i = 0; i <= TRIES; i++) {
            try {
                return new EigenDecompositionNonSymmetric(tried, EPSILON);
            } catch (MathIllegalStateException e) {
                last = e;
                tried = movedBy(flow, moved);
                moved *= 10;
            }
        }
        throw last;
    }

    /** Each entry of the diagonal by another amount, so that no two stay equal. */
    private static RealMatrix movedBy(RealMatrix flow, double most) {
        RealMatrix other = flow.copy();
        int size = flow.getRowDimension();
        for (int i = 0; i < size; i++) {
            other.addToEntry(i, i, most * (i + 1) / size);
        }
        return other;
    }
}
