package brightplumb.core.rule;

import java.util.Arrays;
import java.util.Optional;

/** How a cloth falls. Common practice, no source: stiff cloth stands away where soft cloth hangs in folds. */
public enum Drape implements Choice {
    SOFT("soft", "Soft, hangs in folds"),
    MEDIUM("medium", "Medium"),
    FIRM("firm", "Firm, stands away");

    private final String id;
    private final String title;

    Drape(String id, String title) {
        this.id = id;
        this.title = title;
    }

    /** Returns the drape of that name, if there is one. */
    public static Optional<Drape> of(String id) {
        return Arrays.stream(values()).filter(drape -> drape.id.equals(id)).findFirst();
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
