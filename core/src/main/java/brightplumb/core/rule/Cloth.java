package brightplumb.core.rule;

/**
 * The cloth a garment is cut from.
 *
 * @param stretch how far it goes when pulled along the girth, as a share of its length: 0 woven, 0.4 a usual knit; 0 to 2
 * @param width mm, selvedge to selvedge; 100 to 5000
 * @param folded laid folded along its length
 * @param oneWay with a nap or a print that runs one way
 * @param drape how it falls
 * @param repeat how far along the selvedge its print begins again, mm; 0 where nothing has to match; 0 to 3000
 * @param shrinkage what it loses along the selvedge when it is first washed, as a share of its length; 0 to 0.3
 */
public record Cloth(
        double stretch, double width, boolean folded, boolean oneWay, Drape drape, double repeat, double shrinkage) {

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

    /** The same cloth of another width, mm. */
    public Cloth wide(double mm) {
        return new Cloth(stretch, mm, folded, oneWay, drape, repeat, shrinkage);
    }

    /** The same cloth, folded or open. */
    public Cloth folded(boolean otherwise) {
        return new Cloth(stretch, width, otherwise, oneWay, drape, repeat, shrinkage);
    }

    public boolean stretches() {
        return stretch > 0;
    }
}
