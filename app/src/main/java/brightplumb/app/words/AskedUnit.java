package brightplumb.app.words;

import brightplumb.core.measure.DecimalMark;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sentence;
import brightplumb.core.measure.Unit;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * The unit in which the sentences of an answer are written: what the request's {@code unit} and {@code mark} say, else
 * inches with a point.
 */
record AskedUnit(Unit unit, DecimalMark mark) {

    private static final AskedUnit USUAL = new AskedUnit(Unit.INCH, DecimalMark.POINT);

    /**
     * Returns what a request asks for.
     *
     * @throws Refusal at {@code unit} or {@code mark}
     */
    static AskedUnit of(HttpServletRequest request) {
        String unit = request.getParameter("unit");
        String mark = request.getParameter("mark");
        return new AskedUnit(
                unit == null || unit.isEmpty()
                        ? USUAL.unit
                        : Unit.of(unit)
                                .filter(u -> u != Unit.MILLIMETRE)
                                .orElseThrow(() -> new Refusal(new FieldPath("unit"), "The tape is in or cm")),
                mark == null || mark.isEmpty()
                        ? USUAL.mark
                        : DecimalMark.of(mark)
                                .orElseThrow(() ->
                                        new Refusal(new FieldPath("mark"), "The decimal mark is comma or point")));
    }

    /** Returns what the request in hand asks for; the usual where none is. */
    static AskedUnit now() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes asked
                ? of(asked.getRequest())
                : USUAL;
    }

    String write(Sentence sentence) {
        return sentence.in(unit, mark);
    }
}
