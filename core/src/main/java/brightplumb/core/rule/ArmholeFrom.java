package brightplumb.core.rule;

/** From where the depth of an armhole is laid off. Common practice, no source. */
public enum ArmholeFrom implements Choice {
    /** From the shoulder's end as it slopes. */
    SLOPE("slope", "The sloped shoulder"),
    /** From the level line before the shoulder is sloped: an inch higher on the body. */
    LEVEL("level", "The level line");

    private final String id;
    private final String title;

    ArmholeFrom(String id, String title) {
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
