package brightplumb.app.words;

import brightplumb.core.measure.Sentence;
import brightplumb.core.measure.Sentence.Measured;
import brightplumb.core.measure.Sentence.Words;
import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A part of a sentence, so that it can be written in either unit: words, or a length.
 *
 * @param text words; null for a length
 * @param mm the length, or the least of a range, mm; null for words
 * @param to the most of a range, mm; null where there is none
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record WordView(
        @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
        String text,

        @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
        Double mm,

        @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
        Double to) {

    /** Returns the parts of each sentence that has lengths in it, by the name of its field. */
    public static Map<String, List<WordView>> of(Map<String, Sentence> sentences) {
        Map<String, List<WordView>> words = new LinkedHashMap<>();
        sentences.forEach((field, sentence) -> {
            if (sentence.hasLengths()) {
                words.put(field, parts(sentence));
            }
        });
        return words;
    }

    /** Returns the parts of one field's sentence. */
    public static Map<String, List<WordView>> of(String field, Sentence sentence) {
        return sentence.hasLengths() ? Map.of(field, parts(sentence)) : Map.of();
    }

    /** Returns the parts of a field's sentences, each by the field and its number from 0: {@code how.0}. */
    public static Map<String, List<WordView>> of(String field, List<Sentence> sentences) {
        Map<String, Sentence> numbered = new LinkedHashMap<>();
        for (int i = 0; i < sentences.size(); i++) {
            numbered.put(field + "." + i, sentences.get(i));
        }
        return of(numbered);
    }

    private static List<WordView> parts(Sentence sentence) {
        List<WordView> parts = new ArrayList<>();
        for (Sentence.Part part : sentence.parts()) {
            parts.add(part instanceof Words words ? new WordView(words.words(), null, null) : length((Measured) part));
        }
        return parts;
    }

    private static WordView length(Measured length) {
        return new WordView(
                null, length.from().mm(), length.isRange() ? length.to().mm() : null);
    }
}
