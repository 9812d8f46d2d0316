package brightplumb.core.rule;

/**
 * The cloth a garment is cut from.
 *
 * @param stretch how far it goes when pulled along the girth, as a share of its length: 0 woven, 0.4 a usual knit; 0 to 2
 * @param width mm, selvedge to selvedge; 100 to 5000
 * @param folded laid folded along its length
 * @param oneWay with a nap or a print that runs one way
 * @param drape how it falls
 */
public record Cloth(double stretch, double width, boolean folded, boolean oneWay, Drape drape) {

    /** A woven cloth 150 cm wide, folded. */
    public static final Cloth WOVEN = new Cloth(0, 1500, true, false);

    /** A cloth that falls neither softly nor stiffly. */
    public Cloth(double stretch, double width, boolean folded, boolean oneWay) {
        this(stretch, width, folded, oneWay, Drape.MEDIUM);
    }

    /** The same cloth of another width, mm. */
    public Cloth wide(double mm) {
        return new Cloth(stretch, mm, folded, oneWay, drape);
    }

    public boolean stretches() {
        return stretch > 0;
    }
}
