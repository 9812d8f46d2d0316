package brightplumb.core.garment;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.geometry.Curves;
import brightplumb.core.measure.Sentence;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.Layer;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.Drape;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Notion;
import brightplumb.core.table.Supply;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What to have at hand for a garment beside its cloth: what its parts and operations ask, its fusing, thread and
 * needle.
 */
public final class Notions {

    /**
     * What a reel holds, mm, and how many times a seam's length of thread goes into it: machine, neatening and basting.
     * Our own choice.
     */
    private static final double REEL = 100_000;

    private static final double THREAD_TO_A_SEAM = 8;

    private Notions() {}

    /** All of them, what the garment's own asks first. */
    public static List<Notion> of(Drafted drafted) {
        Garment garment = Garment.of(drafted.request());
        Settings set = garment.settings(Body.of(drafted.request().sheet()));
        Draft draft = drafted.draft();
        List<CutPiece> pieces = drafted.pieces();
        List<Notion> notions = new ArrayList<>();
        Stream.concat(
                        garment.blocks().stream(),
                        drafted.made().stream().filter(Made::done).map(Made::operation))
                .forEach(o -> notions.addAll(o.notions(draft, set)));
        fusing(pieces).ifPresent(notions::add);
        notions.add(Notion.counted(Supply.THREAD, "Thread", "a reel to match the cloth", reels(pieces)));
        notions.add(Notion.counted(Supply.NEEDLE, "Needle", needle(set.cloth()), 1));
        return List.copyOf(notions);
    }

    /** A strip as wide as the widest fused piece, and as long as all of them end to end. */
    private static Optional<Notion> fusing(List<CutPiece> pieces) {
        double length = 0;
        double width = 0;
        for (CutPiece piece : pieces) {
            if (piece.piece().layer() == Layer.FUSING) {
                CutPiece.Needs needs = piece.needs();
                length += Math.max(needs.across(), needs.along()) * piece.cut() * (piece.onFold() ? 2 : 1);
                width = Math.max(width, Math.min(needs.across(), needs.along()));
            }
        }
        return length == 0
                ? Optional.empty()
                : Optional.of(
                        new Notion(Supply.FUSING, "Fusing", Sentence.of("for the cloth's weight"), length, width, 0));
    }

    private static int reels(List<CutPiece> pieces) {
        double seams = pieces.stream()
                .filter(p -> p.piece().layer() != Layer.FUSING)
                .mapToDouble(p -> Curves.length(p.piece().sewLine()) * p.cut())
                .sum();
        return (int) Math.max(1, Math.ceil(seams * THREAD_TO_A_SEAM / REEL));
    }

    private static String needle(Cloth cloth) {
        if (cloth.stretches()) {
            return cloth.stretch() > 0.5 ? "stretch, size 75" : "ball point, size 80";
        }
        return cloth.drape() == Drape.FIRM ? "size 90" : cloth.drape() == Drape.SOFT ? "size 70" : "size 80";
    }
}
