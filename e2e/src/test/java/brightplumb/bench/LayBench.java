package brightplumb.bench;

import brightplumb.core.garment.Catalogue;
import brightplumb.core.garment.Cut;
import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.garment.Lays;
import brightplumb.core.garment.Lays.Asked;
import brightplumb.core.garment.Lays.Cutting;
import brightplumb.core.lay.Lay;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.UsualBody;
import brightplumb.core.pattern.Layer;
import brightplumb.core.rule.Cloth;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Every cut on two cloths, folded and open: its lay against plain rows of boxes; and ten of it together, against one
 * laying of the same outlines, the largest first, each where it ends soonest, pushed together as the other is.
 */
public final class LayBench {

    private static final double[] WIDTHS = {1500, 1143};

    private LayBench() {}

    public static void main(String[] args) {
        List<Double> toShelves = new ArrayList<>();
        List<Double> toGreedy = new ArrayList<>();
        double slowest = 0;
        double slowestOfTen = 0;
        double use = 0;
        for (Cut cut : Catalogue.CUTS) {
            List<Cutting> garment = List.of(new Cutting("", drafted(cut)));
            for (double width : WIDTHS) {
                for (boolean folded : List.of(true, false)) {
                    if (folded
                            && garment.get(0).drafted().pieces().stream()
                                    .anyMatch(p -> p.piece().copies().flat())) {
                        continue;
                    }
                    Cloth cloth = new Cloth(0, width, folded, false);
                    long from = System.nanoTime();
                    Lay lay;
                    try {
                        lay = Lays.of(garment, cloth, Asked.of(Layer.SHELL, 1));
                    } catch (Refusal tooNarrow) {
                        System.out.printf("%s does not go across %.0f mm%n", cut.id(), width);
                        continue;
                    }
                    slowest = Math.max(slowest, (System.nanoTime() - from) / 1e6);
                    toShelves.add(lay.length() / lay.baseline());
                    if (width == WIDTHS[0]) {
                        from = System.nanoTime();
                        Lay ten = Lays.of(garment, cloth, Asked.of(Layer.SHELL, 10));
                        slowestOfTen = Math.max(slowestOfTen, (System.nanoTime() - from) / 1e6);
                        Asked once = new Asked(Layer.SHELL, 10, List.of(), List.of(), false, Optional.of(1));
                        toGreedy.add(
                                ten.length() / Lays.of(garment, cloth, once).length());
                        use += ten.use();
                    }
                }
            }
        }
        System.out.printf(
                "one garment, %d lays: %.3f of plain rows of boxes on average, %.3f at the most; slowest %.0f ms%n",
                toShelves.size(), mean(toShelves), most(toShelves), slowest);
        System.out.printf(
                "ten garments, %d lays: %.3f of a plain greedy on average, %.3f at the most; %.0f %% of the cloth "
                        + "used; slowest %.0f ms%n",
                toGreedy.size(), mean(toGreedy), most(toGreedy), 100 * use / toGreedy.size(), slowestOfTen);
    }

    private static Drafted drafted(Cut cut) {
        return Drafting.draft(DraftRequest.of(cut.id(), null, UsualBody.SHEET, Map.of(), null));
    }

    private static double mean(List<Double> all) {
        return all.stream().mapToDouble(Double::doubleValue).average().orElse(0);
    }

    private static double most(List<Double> all) {
        return all.stream().mapToDouble(Double::doubleValue).max().orElse(0);
    }
}
