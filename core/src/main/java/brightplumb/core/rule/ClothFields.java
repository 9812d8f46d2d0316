package brightplumb.core.rule;

import brightplumb.core.measure.Length;
import brightplumb.core.measure.Unit;
import brightplumb.core.rule.ClothField.Amount;
import brightplumb.core.rule.ClothField.Flag;
import brightplumb.core.rule.ClothField.Kind;
import brightplumb.core.rule.ClothField.OneOf;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** All that can be said of a cloth, each declared once. */
public final class ClothFields {

    /** Said alone, it stretches both ways alike: nobody said otherwise. */
    public static final Amount STRETCH = new Amount(
            "stretch",
            "Stretch along the girth",
            Kind.PULLED,
            0,
            2,
            "Stretch is a share from 0 to 2: 0.4 for a cloth that goes from 10 to 14 cm",
            Cloth::stretch,
            (cloth, share) -> cloth.stretching(share).along(share));

    public static final Amount STRETCH_ALONG = new Amount(
            "stretchAlong",
            "Stretch along the selvedge",
            Kind.PULLED,
            0,
            2,
            false,
            "Stretch along the selvedge is a share from 0 to 2, 0 where it does not give",
            Cloth::along,
            Cloth::along,
            Map.of(),
            Optional.of(STRETCH));

    public static final Flag SHEER =
            new Flag("sheer", "What lies beneath", "Is hidden", "Shows through", Cloth::sheer, Cloth::sheer);

    public static final Amount WIDTH = new Amount(
            "width",
            "Selvedge to selvedge",
            Kind.LENGTH,
            100,
            5000,
            false,
            "The cloth is 10 to 500 cm wide",
            Cloth::width,
            Cloth::wide,
            Map.of(
                    Unit.INCH, Stream.of(36, 45, 54, 58, 60).map(Length::inches).toList(),
                    Unit.CENTIMETRE,
                            Stream.of(90, 115, 140, 150).map(Length::cm).toList()),
            Optional.empty());

    public static final Flag FOLDED =
            new Flag("folded", "How it is laid", "Laid open", "Folded", Cloth::folded, Cloth::folded);

    public static final Flag ONE_WAY =
            new Flag("oneWay", "Nap or print", "Either way up", "One way", Cloth::oneWay, Cloth::oneWay);

    public static final Amount REPEAT = new Amount(
            "repeat",
            "Its print begins again after",
            Kind.LENGTH,
            1,
            3000,
            true,
            "A print begins again after 1 mm to 3 m, or not at all",
            Cloth::repeat,
            Cloth::repeating,
            Map.of(),
            Optional.empty());

    public static final Amount SHRINKAGE = new Amount(
            "shrinkage",
            "Washed, it loses of its length",
            Kind.SHARE,
            0,
            0.3,
            "A cloth loses up to 0.3 of its length when it is washed",
            Cloth::shrinkage,
            Cloth::shrinking);

    public static final OneOf DRAPE = new OneOf(
            "drape",
            "How it falls",
            List.of(Drape.values()),
            "A cloth falls soft, medium or firm",
            Cloth::drape,
            (cloth, choice) -> cloth.falling((Drape) choice));

    public static final Flag FRAYS =
            new Flag("frays", "A cut edge", "Stays as it is cut", "Frays", Cloth::frays, Cloth::fraying);

    /**
     * Every one, in the order in which they are asked: what is said alone of one comes before what it says of another.
     */
    public static final List<ClothField> ALL =
            List.of(STRETCH, STRETCH_ALONG, SHEER, WIDTH, FOLDED, ONE_WAY, REPEAT, SHRINKAGE, DRAPE, FRAYS);

    private ClothFields() {}
}
