package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.geometry.Outlines;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sheet;
import brightplumb.core.rule.Choice;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Way;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whatever is asked within what is taken at all, the answer is a sound outline or a refusal that names its field. */
class StrangeRequestsTest {

    @ParameterizedTest
    @CsvSource({
        "straight-skirt, 1, 140",
        "straight-skirt, 2, 140",
        "straight-skirt, 3, 140",
        "classic-trousers, 4, 45",
        "shorts-block, 5, 45",
        "drawcord-shorts, 6, 45",
        "palazzo, 7, 45",
        "lined-pencil, 8, 45",
        "half-block-skirt, 9, 45",
        "flap-pocket-shorts, 10, 4",
        "box-fold-palazzo, 11, 4"
    })
    void any_request_gives_a_sound_outline_or_a_refusal_at_its_field(String cut, int seed, int most) {
        Random random = new Random(seed);
        int drafted = 0;
        Cut recipe = Catalogue.of(cut).orElseThrow();
        List<Way> ways = recipe.ways();
        for (int i = 0; i < 700; i++) {
            Map<String, Object> settings = settings(random, recipe);
            Way way = ways.get(random.nextInt(ways.size()));
            Cloth cloth = new Cloth(random.nextBoolean() ? 0 : random.nextDouble(), 1500, true, false);
            try {
                DraftRequest asked = DraftRequest.of(cut, way.id(), sheet(random), settings, cloth);
                // Whatever is refused is refused before it is looked at: looking at every third is enough.
                Drafted result = i % 3 == 0 ? Drafting.draft(asked) : Drafting.drawn(asked);
                drafted++;
                for (CutPiece piece : result.pieces()) {
                    for (List<Segment> outline : List.of(piece.piece().sewLine(), piece.cutLine())) {
                        assertThat(Outlines.closed(outline)).isTrue();
                        assertThat(Outlines.crosses(outline)).isFalse();
                        assertThat(Outlines.area(outline)).isFinite().isPositive();
                    }
                }
                assertThat(result.draft().facts().values())
                        .allSatisfy(a -> assertThat(a.value()).isFinite());
                // Each tells some ten rivals, every one drafted whole: now and then is enough.
                if (i % 8 == 0) {
                    Rivals.of(result);
                }
            } catch (Refusal refusal) {
                assertThat(refusal.faults())
                        .isNotEmpty()
                        .allSatisfy(
                                f -> assertThat(f.field().path()).matches("(with|measures|settings)(\\.[A-Za-z]+)?"));
            }
        }
        assertThat(drafted).as("many strange requests can still be drafted").isGreaterThan(most);
    }

    private static Sheet sheet(Random random) {
        Map<Measure, Double> mm = new EnumMap<>(Measure.class);
        double hip = 300 + random.nextDouble() * 1800;
        mm.put(Measure.HIP_GIRTH, hip);
        mm.put(Measure.WAIST_GIRTH, hip * (0.5 + random.nextDouble()));
        if (random.nextBoolean()) {
            mm.put(Measure.HIP_DEPTH, 60 + random.nextDouble() * 400);
        }
        if (random.nextInt(4) == 0) {
            mm.put(Measure.FRONT_HIP_ARC, hip * (0.2 + random.nextDouble() * 0.6));
        }
        if (random.nextBoolean()) {
            mm.put(Measure.BODY_RISE, hip * (0.15 + random.nextDouble() * 0.3));
        }
        if (random.nextBoolean()) {
            mm.put(Measure.CROTCH_LENGTH, hip * (0.4 + random.nextDouble() * 0.6));
        }
        if (random.nextInt(4) > 0) {
            mm.put(Measure.OUTSIDE_LEG, 500 + random.nextDouble() * 800);
        }
        if (random.nextInt(4) == 0) {
            mm.put(Measure.BUST_SPAN, 5 + random.nextDouble() * 900);
        }
        return Sheet.ofMillimetres(mm);
    }

    private static Map<String, Object> settings(Random random, Cut cut) {
        Map<String, Object> settings = new HashMap<>();
        for (Setting setting : cut.settings()) {
            if (random.nextInt(5) == 0) {
                if (setting.isChoice()) {
                    List<Choice> choices = setting.choices();
                    settings.put(
                            setting.key(),
                            choices.get(random.nextInt(choices.size())).id());
                } else {
                    settings.put(
                            setting.key(), setting.least() + random.nextDouble() * (setting.most() - setting.least()));
                }
            }
        }
        return settings;
    }

    @Test
    void the_same_request_gives_the_same_answer() {
        DraftRequest request =
                DraftRequest.of("straight-skirt", "house", Bodies.inches(28, 38, 8), Map.of(), Cloth.WOVEN);
        assertThat(said(Drafting.draft(request))).isEqualTo(said(Drafting.draft(request)));
    }

    private static List<Object> said(Drafted d) {
        List<Object> said = new ArrayList<>(List.of(d.draft(), d.pieces(), d.estimates(), d.settings()));
        d.checks()
                .forEach(c -> said.add(List.of(
                        c.id(),
                        c.verdict(),
                        c.measured(),
                        c.wanted(),
                        c.remedies(),
                        c.evidence().figures(),
                        c.evidence().exhibit())));
        return said;
    }
}
