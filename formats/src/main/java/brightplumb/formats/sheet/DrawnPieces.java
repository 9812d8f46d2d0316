package brightplumb.formats.sheet;

import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.lay.OnPaper;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.TapeWriter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The pieces of a pattern as they are drawn, not yet laid on a sheet. */
public final class DrawnPieces {

    /** Room for shears between two pieces, mm. */
    private static final double APART = 10;

    /** What stays free round them all, mm, less the half of what lies between them that each has round itself. */
    private static final double MARGIN = 2 - APART / 2;

    private final List<OneSheet> pieces;
    private final TitleBlock title;
    private final List<List<Ink>> ink;
    private final OnPaper paper;

    private DrawnPieces(List<OneSheet> pieces, TitleBlock title) {
        this.pieces = pieces;
        this.title = title;
        this.ink = pieces.stream().map(p -> PieceInk.of(p, title)).toList();
        this.paper = OnPaper.of(pieces.stream().map(p -> p.drawn().cutLine()).toList(), APART);
    }

    /** Each piece on its own. */
    public static DrawnPieces of(DrawnPattern pattern, TitleBlock title) {
        return new DrawnPieces(OneSheet.apart(pattern), title);
    }

    /**
     * Pieces that differ in nothing but the neck drawn as one, with both necklines: to be printed once and cut twice.
     */
    public static DrawnPieces shared(DrawnPattern pattern, TitleBlock title) {
        return new DrawnPieces(OneSheet.together(pattern), title);
    }

    /** Those of a pattern that differ in nothing but the neck, by their ids. */
    public static List<List<String>> alike(DrawnPattern pattern) {
        return OneSheet.together(pattern).stream()
                .map(OneSheet::ids)
                .filter(ids -> ids.size() > 1)
                .toList();
    }

    /** How wide their sheet is at the least, mm. */
    public double narrowest() {
        return paper.widest() + 2 * MARGIN;
    }

    /**
     * Some sheets that are no wider than asked.
     *
     * @param across mm
     * @throws Refusal where a piece is wider, naming the field {@code roll}
     */
    public List<PatternSheet> within(double across) {
        if (narrowest() > across) {
            throw new Refusal(
                    new FieldPath("roll"),
                    "The widest piece takes " + TapeWriter.inBoth(Length.mm(narrowest()))
                            + ", more than the roll; tape pages together, or take a wider roll");
        }
        return paper.within(across - 2 * MARGIN).stream().map(this::laid).toList();
    }

    /** The shortest of these. */
    public PatternSheet shortest(double across) {
        return within(across).stream()
                .min(Comparator.comparingDouble(PatternSheet::height))
                .orElseThrow();
    }

    /** The sheet with the pieces where they were laid. */
    public PatternSheet laid(OnPaper.Places laid) {
        List<Ink> all = new ArrayList<>();
        Map<String, Point> places = new HashMap<>();
        for (int i = 0; i < ink.size(); i++) {
            Point origin = laid.places().get(i).plus(Point.of(MARGIN, MARGIN));
            pieces.get(i).ids().forEach(id -> places.put(id, origin));
            Rigid place = Rigid.slide(origin);
            ink.get(i).forEach(each -> all.add(each.moved(place)));
        }
        return new PatternSheet(all, places, laid.width() + 2 * MARGIN, laid.height() + 2 * MARGIN, title);
    }
}
