package brightplumb.core.pattern;

import brightplumb.core.measure.Length;

/** How near is the same, mm; each has its own meaning and no other is made up elsewhere. */
public final class Tolerance {

    /** Two places are one: what arithmetic leaves. */
    public static final double SAME_POINT = 1e-6;

    /** A place lies on a line. */
    public static final double ON_LINE = 0.01;

    /** Two edges that are sewn to each other are one length: ⅛ in. Common practice, no source. */
    public static final double SEAM = Length.INCH / 8;

    /** A curve that is sewn or bound and bends round less hooks: cloth pulls there. Common practice, no source. */
    public static final double HOOK = 12;

    /** A difference that shows in a figure. */
    public static final double SHOWN = 0.05;

    private Tolerance() {}
}
