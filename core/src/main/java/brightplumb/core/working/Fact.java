package brightplumb.core.working;

/**
 * An amount that one part of a draft finds and others read. It is declared once, beside what finds it; those that read
 * it name the declaration, so that no two of them can mean different amounts.
 *
 * @param id its outside name
 */
public record Fact(String id) {

    /** From the level waist line to the hip, mm. */
    public static final Fact HIP_DEPTH = new Fact("hip.depth");

    /** From the level waist line to the hem, mm. */
    public static final Fact LENGTH = new Fact("length");

    /** Once round a hem, mm. */
    public static final Fact HEM_GIRTH = new Fact("hem.girth");

    /** A straight band as sewn, once round, mm. */
    public static final Fact BAND_LENGTH = new Fact("band.length");

    /** The same fact of one panel, or one side. */
    public Fact of(String which) {
        return new Fact(id + "." + which);
    }

    @Override
    public String toString() {
        return id;
    }
}
