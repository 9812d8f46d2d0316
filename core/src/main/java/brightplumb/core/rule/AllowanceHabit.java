package brightplumb.core.rule;

import brightplumb.core.measure.Length;

/** What is added outside the sewn line, by edge, in the habit of a bench. Common practice, no source. */
public enum AllowanceHabit implements Choice {
    INCH("inch-bench", "Inch bench", inches(1), inches(0.5), inches(1), inches(0.5), inches(2)),
    METRIC("metric-bench", "Metric bench", Length.cm(1), Length.cm(1), Length.cm(2), Length.cm(1), Length.cm(4)),
    EIGHTHS("eighths-bench", "Eighths bench", inches(0.5), inches(0.5), inches(0.75), inches(0.75), inches(1.25)),
    KNIT("knit", "Knit", inches(1), inches(0.5), inches(0.5), inches(0.5), inches(1.5)),
    /** Cut on the body line and sewn inside it: for cloth that stretches. */
    ON_THE_LINE("on-the-line", "On the line", inches(0), inches(0), inches(0), inches(0), inches(0));

    private final String id;
    private final String title;
    private final Length side;
    private final Length waist;
    private final Length zip;
    private final Length centre;
    private final Length hem;

    AllowanceHabit(String id, String title, Length side, Length waist, Length zip, Length centre, Length hem) {
        this.id = id;
        this.title = title;
        this.side = side;
        this.waist = waist;
        this.zip = zip;
        this.centre = centre;
        this.hem = hem;
    }

    private static Length inches(double inches) {
        return Length.inches(inches);
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String title() {
        return title;
    }

    /** Returns what is added at a side seam. */
    public Length side() {
        return side;
    }

    /** Returns what is added along the waist. */
    public Length waist() {
        return waist;
    }

    /** Beside a zip. */
    public Length zip() {
        return zip;
    }

    /** A centre seam without a zip in it. */
    public Length centre() {
        return centre;
    }

    /** How far inside its drawn line a closing seam is sewn. */
    public Length sewnIn() {
        return inches(this == ON_THE_LINE ? 0.5 : 0);
    }

    /** Any other seam. */
    public Length seam() {
        return waist;
    }

    /** Returns what is added below a hem. */
    public Length hem() {
        return hem;
    }
}
