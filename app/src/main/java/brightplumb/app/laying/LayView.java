package brightplumb.app.laying;

import brightplumb.app.words.WordView;
import brightplumb.core.garment.Lays;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.lay.Ground;
import brightplumb.core.lay.Lay;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Sentence;
import brightplumb.core.rule.Cloth;
import com.fasterxml.jackson.annotation.JsonProperty;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;

/**
 * Pieces on cloth, mm.
 *
 * @param layer the cloth
 * @param folded whether it lies double, the fold at y = 0
 * @param length of cloth that is used
 * @param width from selvedge to selvedge
 * @param use the area of all that is cut, as a share of the cloth used
 * @param buy what to buy, shrinkage and a print's repeat counted, up to the next 5 cm; 0 on a piece of cloth that is
 *     there
 * @param buyYards the same in yards, up to the next eighth
 * @param placements where each piece lies
 * @param bound the shortest length that area and the longest piece allow
 * @param baseline what plain rows of boxes take
 * @param tried how many lays were tried; 0 where a hand laid it
 * @param sheet the piece of cloth that is laid on; null for cloth off the bolt
 * @param avoided seams in it that no piece may cross
 */
record LayView(
        String layer,
        boolean folded,
        double length,
        double width,
        double use,
        double buy,
        double buyYards,
        List<PlacementView> placements,
        double bound,
        double baseline,
        int tried,

        @Schema(types = {"array", "null"}) List<double[]> sheet,
        List<List<double[]>> avoided) {

    private static final double YARD = 36 * Length.INCH;
    private static final double STEP = 50;

    /**
     * Where a piece lies.
     *
     * @param garment whose it is; empty where only one garment is laid
     * @param behind whether it lies behind on the body
     * @param copy which of its layings, from 1
     * @param flipped face down
     * @param onFold its own fold on that of the cloth
     * @param angle 0, or 180 where it points back along the cloth
     * @param move from the piece's own coordinates: x' = m[0] x + m[1] y + m[4], y' = m[2] x + m[3] y + m[5]
     * @param outline its cut line on the cloth
     */
    record PlacementView(
            String garment,
            String piece,
            boolean behind,
            int copy,
            boolean flipped,
            boolean onFold,
            int angle,
            double[] move,
            List<double[]> outline) {

        static PlacementView of(Lay.Placement p) {
            Rigid m = p.move();
            return new PlacementView(
                    p.garment(),
                    p.piece().toString(),
                    p.piece().behind(),
                    p.copy(),
                    p.flipped(),
                    p.onFold(),
                    p.angle(),
                    new double[] {m.a(), m.b(), m.c(), m.d(), m.e(), m.f()},
                    places(p.outline()));
        }
    }

    static LayView of(String layer, Lay lay, Cloth cloth) {
        boolean remnant = lay.ground() instanceof Ground.Remnant;
        double buy = remnant ? 0 : Lays.buy(lay.length(), cloth);
        return new LayView(
                layer,
                lay.ground().folded(),
                lay.length(),
                lay.ground().across() * lay.ground().layers(),
                lay.use(),
                Math.ceil(buy / STEP - 1e-6) * STEP,
                Math.ceil(buy / YARD * 8 - 1e-6) / 8,
                lay.placements().stream().map(PlacementView::of).toList(),
                lay.bound(),
                lay.baseline(),
                lay.tried(),
                lay.ground() instanceof Ground.Remnant cut ? places(cut.outline()) : null,
                lay.ground() instanceof Ground.Remnant cut
                        ? cut.avoided().stream()
                                .map(l -> places(List.of(l.from(), l.to())))
                                .toList()
                        : List.of());
    }

    private static List<double[]> places(List<Point> all) {
        return all.stream().map(p -> new double[] {p.x(), p.y()}).toList();
    }

    /**
     * What would save cloth.
     *
     * @param id open, folded, width, pieced, copy or together
     * @param width the cloth's width then
     * @param folded whether it then lies folded
     * @param length what a garment then takes
     * @param saved what a garment then takes less
     * @param beside the ticket that is cut with it; null where none is
     */
    record SavingView(
            String id,
            Sentence text,
            Sentence why,
            double width,
            boolean folded,
            double length,
            double saved,
            @Schema(types = {"string", "null"}) String beside) {
        static SavingView of(Lays.Saving s) {
            return new SavingView(
                    s.id(),
                    s.text(),
                    s.why(),
                    s.cloth().width(),
                    s.cloth().folded(),
                    s.length(),
                    s.saved(),
                    s.beside().isEmpty() ? null : s.beside());
        }

        /** The parts of its sentences. */
        @JsonProperty("words")
        public Map<String, List<WordView>> words() {
            return WordView.of(Map.of("text", text, "why", why));
        }

        SavingView named(String otherText) {
            return new SavingView(id, Sentence.plain(otherText), why, width, folded, length, saved, beside);
        }
    }

    /**
     * The longest a garment can be.
     *
     * @param length its length
     * @param stops what keeps it from being longer
     */
    record LongestView(double length, String stops, LayView lay) {}
}
