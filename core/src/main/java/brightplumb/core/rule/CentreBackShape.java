package brightplumb.core.rule;

/** How the centre-back seam is shaped to the seat. Common practice, no source. */
public enum CentreBackShape implements Choice {
    STRAIGHT("straight", "Straight", 0),
    /** In at the waist, running out 8 in below the hip. */
    HOLLOW("hollow", "Hollow to below the hip", 1),
    /** In at the waist, running out 4½ in below it. */
    WAIST("waist", "In at the waist", 0.5),
    /** In at the waist, out at the hip. */
    WAIST_TO_HIP("waist-to-hip", "Waist to hip", 0.5),
    /** In at the waist, upright over the seat, in again at the hem. */
    ROUND("round", "Round the seat", 0.5),
    /** Upright to the hip, in under the seat. */
    UNDER_SEAT("under-seat", "In under the seat", 0);

    private final String id;
    private final String title;
    private final double inchesIn;

    CentreBackShape(String id, String title, double inchesIn) {
        this.id = id;
        this.title = title;
        this.inchesIn = inchesIn;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String title() {
        return title;
    }

    /** How far in it goes at the waist where no share says otherwise, in inches. */
    public double inchesIn() {
        return inchesIn;
    }

    /** Whether it goes in at the waist at all. */
    public boolean shapesWaist() {
        return inchesIn > 0;
    }
}
