package brightplumb.app.drafting;

import brightplumb.app.words.WordView;
import brightplumb.core.cutting.Alteration;
import brightplumb.core.garment.CutCloth;
import brightplumb.core.measure.Sentence;
import brightplumb.core.rule.SettingValue;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.Map;

/** What a correction finds in cloth that is cut: each piece that is otherwise, and what would spare one. */
record CutClothView(List<AlterationView> pieces, List<OfferView> offers) {

    /** What a piece still gives. {@code darts} where they are marked anew. */
    record AlterationView(String piece, String name, boolean cutAnew, boolean darts, List<EdgeView> edges) {}

    /**
     * An edge that moves: {@code does} is taken-in, trimmed, let-out or cut-anew; {@code by} and the {@code room}
     * outside it in mm.
     */
    record EdgeView(String edge, String does, double by, double room) {}

    /** What would spare a piece, and what is set for it besides the correction. */
    record OfferView(String piece, Sentence text, Map<String, Object> settings) {
        /** The parts of its sentences. */
        @JsonProperty("words")
        public Map<String, List<WordView>> words() {
            return WordView.of("text", text);
        }
    }

    static CutClothView of(CutCloth found) {
        return new CutClothView(
                found.pieces().stream()
                        .filter(Alteration::moves)
                        .map(CutClothView::piece)
                        .toList(),
                found.offers().stream()
                        .map(o -> new OfferView(o.piece().toString(), o.text(), SettingValue.told(o.settings())))
                        .toList());
    }

    private static AlterationView piece(Alteration a) {
        return new AlterationView(
                a.piece().toString(),
                a.title(),
                a.cutAnew(),
                a.darts(),
                a.edges().stream()
                        .map(e -> new EdgeView(e.role().spoken(), e.does().id(), e.by(), e.room()))
                        .toList());
    }
}
