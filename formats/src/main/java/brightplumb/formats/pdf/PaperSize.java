package brightplumb.formats.pdf;

import java.util.Arrays;
import java.util.Optional;

/** Sheets a printer takes, upright, in mm. */
public enum PaperSize {
    A4("a4", "A4", 210, 297),
    LETTER("letter", "Letter", 215.9, 279.4),
    A0("a0", "A0", 841, 1189);

    private final String id;
    private final String title;
    private final double width;
    private final double height;

    PaperSize(String id, String title, double width, double height) {
        this.id = id;
        this.title = title;
        this.width = width;
        this.height = height;
    }

    /** Returns its name in requests. */
    public String id() {
        return id;
    }

    /** Returns its name on screens and paper. */
    public String title() {
        return title;
    }

    /** mm */
    public double width() {
        return width;
    }

    /** mm */
    public double height() {
        return height;
    }

    /** The size of that name, if there is one. */
    public static Optional<PaperSize> of(String id) {
        return Arrays.stream(values()).filter(s -> s.id.equals(id)).findFirst();
    }
}
