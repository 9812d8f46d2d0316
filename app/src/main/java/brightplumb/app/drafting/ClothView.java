package brightplumb.app.drafting;

import brightplumb.core.measure.Refusal;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.ClothField;
import brightplumb.core.rule.ClothFields;
import brightplumb.core.rule.Drape;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** A cloth as it is answered and kept: lengths in mm, stretch and shrinkage as shares. */
public record ClothView(
        double stretch,
        double width,
        boolean folded,
        boolean oneWay,
        String drape,
        double repeat,
        double shrinkage,
        double stretchAlong,
        boolean sheer,
        boolean frays) {

    /** The cloth as the core takes it. */
    public Cloth cloth() {
        return new Cloth(
                stretch,
                width,
                folded,
                oneWay,
                Drape.of(drape).orElseThrow(),
                repeat,
                shrinkage,
                stretchAlong,
                sheer,
                frays);
    }

    public static ClothView of(Cloth cloth) {
        return new ClothView(
                cloth.stretch(),
                cloth.width(),
                cloth.folded(),
                cloth.oneWay(),
                cloth.drape().id(),
                cloth.repeat(),
                cloth.shrinkage(),
                cloth.along(),
                cloth.sheer(),
                cloth.frays());
    }

    /** A cloth that is asked for; what is missing is as the cut's own cloth has it. */
    public record ClothRequest(
            Double stretch,
            Double width,
            Boolean folded,
            Boolean oneWay,
            String drape,
            Double repeat,
            Double shrinkage,
            Double stretchAlong,
            Boolean sheer,
            Boolean frays) {

        /** A cloth as it was answered, asked for again. */
        public static ClothRequest of(ClothView cloth) {
            return new ClothRequest(
                    cloth.stretch(),
                    cloth.width(),
                    cloth.folded(),
                    cloth.oneWay(),
                    cloth.drape(),
                    cloth.repeat(),
                    cloth.shrinkage(),
                    cloth.stretchAlong(),
                    cloth.sheer(),
                    cloth.frays());
        }

        private Map<String, Object> told() {
            Map<String, Object> told = new LinkedHashMap<>();
            told.put("stretch", stretch);
            told.put("width", width);
            told.put("folded", folded);
            told.put("oneWay", oneWay);
            told.put("drape", drape);
            told.put("repeat", repeat);
            told.put("shrinkage", shrinkage);
            told.put("stretchAlong", stretchAlong);
            told.put("sheer", sheer);
            told.put("frays", frays);
            told.values().removeIf(Objects::isNull);
            return told;
        }

        /** The cloth, each part checked; what it cannot be goes among the faults. */
        Cloth read(Cloth usual, List<Refusal.Fault> faults) {
            Cloth cloth = usual;
            Map<String, Object> told = told();
            for (ClothField field : ClothFields.ALL) {
                if (told.containsKey(field.key())) {
                    Cloth before = cloth;
                    cloth = field.said(before, told.get(field.key())).orElseGet(() -> {
                        faults.add(new Refusal.Fault(field.field(), field.refusal()));
                        return before;
                    });
                }
            }
            return cloth;
        }
    }
}
