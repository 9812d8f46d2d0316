package brightplumb.core.rule;

/** From what the depth of an armhole is worked out. Common practice, no source. */
public enum ArmholeRule implements Choice {
    /** Half of what the tape read round the arm. */
    HALF_ARMHOLE("half-armhole", "Half the armhole"),
    /** A sixth of the bust and an inch and a half. */
    BUST_SIXTH("bust-sixth", "Bust ÷ 6 + 1½");

    private final String id;
    private final String title;

    ArmholeRule(String id, String title) {
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
