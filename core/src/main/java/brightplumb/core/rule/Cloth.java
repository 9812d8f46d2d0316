package brightplumb.core.rule;

/**
 * The cloth a garment is cut from.
 *
 * @param stretch how far it goes when pulled along the girth, as a share of its length: 0 woven, 0.4 a usual knit; 0 to 2
 * @param width mm, selvedge to selvedge; 100 to 5000
 * @param folded laid folded along its length
 * @param oneWay with a nap or a print that runs one way
 */
public record Cloth(double stretch, double width, boolean folded, boolean oneWay) {

    /** A woven cloth 150 cm wide, folded. */
    public static final Cloth WOVEN = new Cloth(0, 1500, true, false);

    public boolean stretches() {
        return stretch > 0;
    }
}
