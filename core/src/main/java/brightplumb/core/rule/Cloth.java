package brightplumb.core.rule;

/**
 * The cloth a garment is cut from.
 *
 * @param stretch how far it goes when pulled along the girth, as a share of its length: 0 woven, 0.4 a usual knit; 0 to
 *     2
 * @param width mm, selvedge to selvedge; 100 to 5000
 * @param folded laid folded along its length
 * @param oneWay with a nap or a print that runs one way
 * @param drape how it falls
 * @param repeat how far along the selvedge its print begins again, mm; 0 where nothing has to match; 0 to 3000
 * @param shrinkage what it loses along the selvedge when it is first washed, as a share of its length; 0 to 0.3
 * @param along how far it stretches when pulled along its selvedge, up and down the body, as a share of its length; 0
 *     to 2
 * @param sheer what lies beneath shows through
 */
public record Cloth(
        double stretch,
        double width,
        boolean folded,
        boolean oneWay,
        Drape drape,
        double repeat,
        double shrinkage,
        double along,
        boolean sheer) {

    /** A woven cloth 150 cm wide, folded. */
    public static final Cloth WOVEN = new Cloth(0, 1500, true, false);

    /** A cloth that falls neither softly nor stiffly, plain and washed. */
    public Cloth(double stretch, double width, boolean folded, boolean oneWay) {
        this(stretch, width, folded, oneWay, Drape.MEDIUM);
    }

    /** A cloth that is plain and washed. */
    public Cloth(double stretch, double width, boolean folded, boolean oneWay, Drape drape) {
        this(stretch, width, folded, oneWay, drape, 0, 0);
    }

    /** A cloth that stretches both ways alike, and hides what lies beneath. */
    public Cloth(
            double stretch,
            double width,
            boolean folded,
            boolean oneWay,
            Drape drape,
            double repeat,
            double shrinkage) {
        this(stretch, width, folded, oneWay, drape, repeat, shrinkage, stretch, false);
    }

    /** The same cloth of another width, mm. */
    public Cloth wide(double mm) {
        return new Cloth(stretch, mm, folded, oneWay, drape, repeat, shrinkage, along, sheer);
    }

    /** The same cloth, folded or open. */
    public Cloth folded(boolean otherwise) {
        return new Cloth(stretch, width, otherwise, oneWay, drape, repeat, shrinkage, along, sheer);
    }

    /** Whether it stretches round the body. */
    public boolean stretches() {
        return stretch > 0;
    }

    /** The same cloth as it stretches along its selvedge. */
    public Cloth along(double share) {
        return new Cloth(stretch, width, folded, oneWay, drape, repeat, shrinkage, share, sheer);
    }

    /** Whether it stretches up and down the body as well as round it. */
    public boolean stretchesBothWays() {
        return stretch > 0 && along > 0;
    }

    /** So much smaller across, it can be so much shorter along at the most: no further than it goes when pulled. */
    public double shorter(double smaller) {
        return Math.min(smaller, along / (1 + along));
    }
}
