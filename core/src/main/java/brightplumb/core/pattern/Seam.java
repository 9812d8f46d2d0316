package brightplumb.core.pattern;

/**
 * The name of a seam, under which its joins are found. Those of panels are named here; what is sewn on to a garment
 * brings its own.
 *
 * @param id its name in files: {@code side}, {@code crotch.front}, {@code lining.side}
 */
public record Seam(String id) {

    public static final Seam SIDE = of(EdgeRole.SIDE);
    public static final Seam INSEAM = of(EdgeRole.INSEAM);
    public static final Seam SHOULDER = of(EdgeRole.SHOULDER);
    public static final Seam ARMHOLE = of(EdgeRole.ARMHOLE);
    public static final Seam NECK = of(EdgeRole.NECK);
    /** The waist to what finishes it, or to the other half of the garment. */
    public static final Seam WAIST = of(EdgeRole.WAIST);

    public static final Seam CENTRE_BACK = of(EdgeRole.CENTRE_BACK);
    public static final Seam CROTCH_FRONT = of(EdgeRole.CROTCH).of(Half.FRONT);
    public static final Seam CROTCH_BACK = of(EdgeRole.CROTCH).of(Half.BACK);
    /** Where front and back meet between the legs without a fork. */
    public static final Seam CROTCH_ENDS = new Seam("crotch");

    /** Returns the seam that closes an edge of this role. */
    public static Seam of(EdgeRole role) {
        return new Seam(role.id());
    }

    /** Returns the part of this seam that is on a half of the body. */
    public Seam of(Half half) {
        return of(half.id());
    }

    /** Returns the part of this seam that is on a panel. */
    public Seam of(Panel panel) {
        return of(panel.id());
    }

    /** Returns the part of this seam at a named place. */
    public Seam of(String part) {
        return new Seam(id + "." + part);
    }

    /** Returns the same seam of another layer, which has a name of its own. */
    public Seam in(String layer) {
        return new Seam(layer + "." + id);
    }

    /** Returns whether this is a seam of a layer that has a name of its own. */
    public boolean isIn(String layer) {
        return id.startsWith(layer + ".");
    }

    @Override
    public String toString() {
        return id;
    }
}
