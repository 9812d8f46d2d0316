package brightplumb.core.garment;

import static brightplumb.core.garment.OnePiece.*;
import static brightplumb.core.measure.Measure.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Sheet;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.Cloth;
import brightplumb.core.table.Check;
import brightplumb.core.table.Verdict;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A romper cut on its fold: front and back from one pattern. Amounts are common practice, no source. */
class RompersTest {

    /** Cloth that does not give goes over the hips through neck and zip; its seams lie outside the line. */
    @ParameterizedTest
    @CsvSource({"0, true", "0.5, false"})
    void a_romper_of_cloth_that_does_not_give_opens_behind_and_its_back_is_a_pair(double stretch, boolean opens) {
        Drafted romper = Drafting.draft(DraftRequest.of(
                "pull-on-romper",
                "house",
                Sheet.ofMillimetres(her()),
                Map.of(),
                new Cloth(stretch, 1500, true, false)));
        Piece back = romper.draft().panel(Panel.BACK);
        assertThat(back.edge(EdgeRole.CENTRE_BACK_ZIP).isPresent()).isEqualTo(opens);
        assertThat(back.copies() instanceof Copies.Pairs).isEqualTo(opens);
        assertThat(romper.draft().panel(Panel.FRONT).copies()).isInstanceOf(Copies.OnFold.class);
        assertThat(romper.draft().joins().stream().anyMatch(j -> j.seam().id().equals("centre.back.zip")))
                .isEqualTo(opens);
        assertThat(romper.checks())
                .filteredOn(c -> c.id().id().equals("enters") || c.id().id().equals("trunk.length"))
                .allSatisfy(c -> assertThat(c.verdict()).isEqualTo(Verdict.TRUE));
        assertThat(Notions.of(romper).stream().anyMatch(n -> n.id().equals("zip")))
                .isEqualTo(opens);
        double side = romper.pieces().stream()
                .filter(p -> p.piece() == back)
                .mapToDouble(p -> p.allowances().get("side").outside())
                .findFirst()
                .orElseThrow();
        assertThat(side > 0).isEqualTo(opens);
    }

    /**
     * A romper's front and back are one pattern but for what is asked otherwise; its inner leg is a twenty-eighth of
     * the hip in, an inch to an inch and a half.
     */
    @Test
    void a_romper_is_one_pattern_and_its_inner_leg_stands_a_little_in() {
        Drafted romper = drafted("pull-on-romper", "house", her(), Map.of());
        Piece front = romper.draft().panel(Panel.FRONT);
        Piece back = romper.draft().panel(Panel.BACK);
        assertThat(front.sewLine()).isEqualTo(back.sewLine());
        assertThat(front.require(EdgeRole.INSEAM).run().get(0).from().x() / INCH)
                .isCloseTo(38.5 / 28, within(1e-9));
        assertThat(front.require(EdgeRole.INSEAM).run().get(1).direction(1).angleTo(Point.of(-1, 0)))
                .isLessThan(1e-6);
    }

    @Test
    void its_trunk_is_front_and_back_as_drawn_with_no_lap_of_studs_taken_off() {
        Drafted romper = drafted("pull-on-romper", null, her(), Map.of());
        Check trunk = check(romper, "trunk.length");
        double drawn = OnePiece.fact(romper, "crotch.end.front") + OnePiece.fact(romper, "crotch.end.back");
        double top = -romper.draft().level("shoulder").orElseThrow();
        // Both shoulders are sewn half an inch inside their lines.
        assertThat(trunk.measured()).isCloseTo(2 * top + drawn - 2 * 0.5 * INCH, within(0.01));
    }
}
