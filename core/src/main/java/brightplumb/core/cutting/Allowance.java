package brightplumb.core.cutting;

import java.util.ArrayList;
import java.util.List;

/**
 * What is added outside an edge.
 *
 * @param amount what is sewn or turned, mm
 * @param letOut what is kept beyond it, to be let out later, mm
 * @param inside how far inside the drawn edge it is sewn, mm
 * @param turned whether it is folded back on the edge, so that it must be the mirror image of what it will lie on
 * @param folds where it is folded again beyond the edge, mm from it, the nearest first: each part is the mirror image
 *     of the one before
 */
public record Allowance(double amount, double letOut, double inside, boolean turned, List<Double> folds) {

    public Allowance {
        folds = List.copyOf(folds);
    }

    /** One that is folded at its edge or not at all. */
    public Allowance(double amount, double inside, boolean turned) {
        this(amount, 0, inside, turned, List.of());
    }

    /** The parts between its folds, from the edge outward, mm. */
    List<Double> parts() {
        List<Double> parts = new ArrayList<>();
        double before = 0;
        for (double fold : folds) {
            parts.add(fold - before);
            before = fold;
        }
        parts.add(outside() - before);
        return parts;
    }

    /** Cut on the line. */
    public static final Allowance NONE = new Allowance(0, 0, false);

    /** How far outside the sewn edge the shears go, mm. */
    public double outside() {
        return amount + letOut;
    }

    /** How far from the raw edge the seam is sewn, mm: what is kept to be let out lies within it. */
    public double fromRawEdge() {
        return outside() + inside;
    }
}
