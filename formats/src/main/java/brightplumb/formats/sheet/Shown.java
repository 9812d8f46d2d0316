package brightplumb.formats.sheet;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Which of a pattern's outlines are drawn: for shears, for the needle, or for both. */
public enum Shown {
    BOTH("both", List.of()),
    CUT("cut", List.of("sew")),
    SEW("sew", List.of("cut"));

    private final String id;
    private final List<String> left;

    Shown(String id, List<String> left) {
        this.id = id;
        this.left = left;
    }

    /** The one of that name. */
    public static Optional<Shown> of(String id) {
        return Arrays.stream(values()).filter(s -> s.id.equals(id)).findFirst();
    }

    /** The sheet with what is shown of it; nothing moves. */
    public PatternSheet of(PatternSheet sheet) {
        return new PatternSheet(
                sheet.ink().stream().filter(i -> !left.contains(i.kind())).toList(),
                sheet.places(),
                sheet.width(),
                sheet.height(),
                sheet.title());
    }
}
