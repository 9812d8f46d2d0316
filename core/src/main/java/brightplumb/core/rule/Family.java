package brightplumb.core.rule;

import java.util.Arrays;
import java.util.List;

/** Kinds of garment that are drafted alike, so that ways of drafting can be compared within one. */
public enum Family {
    SKIRT("Skirts", Setting.values());

    private final String title;
    private final List<Setting> settings;

    Family(String title, Setting... settings) {
        this.title = title;
        this.settings = Arrays.stream(settings).sorted().toList();
    }

    public String title() {
        return title;
    }

    /** What can be set on such a garment, in the order of the body. */
    public List<Setting> settings() {
        return settings;
    }
}
