package brightplumb.core.rule;

/** How a garment that passes between the legs is closed there. */
public enum CrotchFastening implements Choice {
    STUDS("studs", "Press studs"),
    SEWN("sewn", "Sewn shut");

    private final String id;
    private final String title;

    CrotchFastening(String id, String title) {
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
