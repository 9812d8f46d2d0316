package brightplumb.core.pattern;

/**
 * What an edge of a piece is for. Those of panels are named here; a piece of another kind brings its own.
 *
 * @param id its name in files
 * @param spoken its name at the bench
 */
public record EdgeRole(String id, String spoken) {

    public static final EdgeRole WAIST = new EdgeRole("waist", "waist");
    public static final EdgeRole SIDE = new EdgeRole("side", "side");
    public static final EdgeRole HEM = new EdgeRole("hem", "hem");
    public static final EdgeRole INSEAM = new EdgeRole("inseam", "inseam");
    /** From the fork up to the waist, or to where an opening ends. */
    public static final EdgeRole CROTCH = new EdgeRole("crotch", "crotch");
    /** The part of a leg's centre front that opens. */
    public static final EdgeRole FLY = new EdgeRole("fly", "fly");

    public static final EdgeRole NECK = new EdgeRole("neck", "neck");
    public static final EdgeRole SHOULDER = new EdgeRole("shoulder", "shoulder");
    public static final EdgeRole ARMHOLE = new EdgeRole("armhole", "armhole");
    /** Round the leg, where a garment ends there. */
    public static final EdgeRole LEG = new EdgeRole("leg", "leg opening");
    /** Where front and back meet between the legs without a fork. */
    public static final EdgeRole CROTCH_END = new EdgeRole("crotch.end", "crotch end");

    public static final EdgeRole CENTRE_FRONT = new EdgeRole("centre.front", "centre front");
    public static final EdgeRole CENTRE_BACK = new EdgeRole("centre.back", "centre back");
    /** The part of the centre back that the zip takes. */
    public static final EdgeRole CENTRE_BACK_ZIP = new EdgeRole("centre.back.zip", "centre back");

    @Override
    public String toString() {
        return id;
    }
}
