package brightplumb.core.rule;

/** The way a bodice over legs is drafted in, beside the way of the legs. */
public enum BodiceWay implements Choice {
    HOUSE("house", "House"),
    BENCH("bench", "By the recipe");

    private final String id;
    private final String title;

    BodiceWay(String id, String title) {
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
