package brightplumb.core.cutting;

/**
 * What is added outside an edge.
 *
 * @param amount what is sewn or turned, mm
 * @param letOut what is kept beyond it, to be let out later, mm
 * @param turned whether it is folded back on the edge, so that it must be the mirror image of what it will lie on
 */
public record Allowance(double amount, double letOut, boolean turned) {

    /** Cut on the line. */
    public static final Allowance NONE = new Allowance(0, 0, false);

    /** How far outside the sewn edge the shears go, mm. */
    public double outside() {
        return amount + letOut;
    }
}
