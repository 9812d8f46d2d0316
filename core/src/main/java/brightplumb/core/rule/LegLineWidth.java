package brightplumb.core.rule;

/** How wide a quarter is where the leg line meets the side. Common practice, no source. */
public enum LegLineWidth implements Choice {
    /** As wide as at the hip, at whatever level it is cut away. */
    HIP_QUARTER("hip-quarter", "The hip quarter"),
    /** As wide as the hip curve is there. */
    HIP_CURVE("hip-curve", "Read from the hip curve");

    private final String id;
    private final String title;

    LegLineWidth(String id, String title) {
        this.id = id;
        this.title = title;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String title() {
        return title;
    }
}
