package brightplumb.core.rule;

import io.soabase.recordbuilder.core.RecordBuilder;

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
 * @param frays what is cut comes apart into threads, so that a seam needs room beside it
 */
@RecordBuilder
@RecordBuilder.Options(enableWither = false)
public record Cloth(
        double stretch,
        double width,
        boolean folded,
        boolean oneWay,
        Drape drape,
        double repeat,
        double shrinkage,
        double along,
        boolean sheer,
        boolean frays) {

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

    /** A cloth that stretches both ways alike, and hides what lies beneath; woven cloth frays, a knit does not. */
    public Cloth(
            double stretch,
            double width,
            boolean folded,
            boolean oneWay,
            Drape drape,
            double repeat,
            double shrinkage) {
        this(stretch, width, folded, oneWay, drape, repeat, shrinkage, stretch, false, stretch == 0);
    }

    /** Returns the same cloth of another width, mm. */
    public Cloth wide(double mm) {
        return ClothBuilder.builder(this).width(mm).build();
    }

    /** Returns the same cloth, folded or open. */
    public Cloth folded(boolean otherwise) {
        return ClothBuilder.builder(this).folded(otherwise).build();
    }

    /** Returns the same cloth, with or without a nap or a print that runs one way. */
    public Cloth oneWay(boolean otherwise) {
        return ClothBuilder.builder(this).oneWay(otherwise).build();
    }

    /** Returns the same cloth as it stretches along the girth, a share of its length. */
    public Cloth stretching(double share) {
        return ClothBuilder.builder(this).stretch(share).build();
    }

    /** Returns the same cloth as it stretches along its selvedge, a share of its length. */
    public Cloth along(double share) {
        return ClothBuilder.builder(this).along(share).build();
    }

    /** Returns the same cloth as it falls. */
    public Cloth falling(Drape otherwise) {
        return ClothBuilder.builder(this).drape(otherwise).build();
    }

    /** Returns the same cloth with a print that begins again after so much, mm; 0 where it has none. */
    public Cloth repeating(double mm) {
        return ClothBuilder.builder(this).repeat(mm).build();
    }

    /** Returns the same cloth as it shrinks in the wash, a share of its length. */
    public Cloth shrinking(double share) {
        return ClothBuilder.builder(this).shrinkage(share).build();
    }

    /** Returns the same cloth, through which what lies beneath shows or not. */
    public Cloth sheer(boolean otherwise) {
        return ClothBuilder.builder(this).sheer(otherwise).build();
    }

    /** Returns the same cloth, the cut edges of which fray or not. */
    public Cloth fraying(boolean otherwise) {
        return ClothBuilder.builder(this).frays(otherwise).build();
    }

    /** Returns whether it stretches round the body. */
    public boolean stretches() {
        return stretch > 0;
    }

    /** Returns whether it stretches up and down the body as well as round it. */
    public boolean stretchesBothWays() {
        return stretch > 0 && along > 0;
    }

    /**
     * Returns how much shorter it can be along when it is so much smaller across: no further than it goes when pulled.
     *
     * @param smaller a share, from 0
     */
    public double shorter(double smaller) {
        return Math.min(smaller, along / (1 + along));
    }
}
