package brightplumb.app.words;

import brightplumb.core.measure.Sentence;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;

/** A sentence in an answer is text, in the unit that the request asks for. */
@Configuration
class SentenceShape implements WebMvcConfigurer {

    @Bean
    JsonMapperBuilderCustomizer sentencesAsText() {
        return builder -> builder.addModule(new SimpleModule("sentences").addSerializer(Sentence.class, new Written()));
    }

    /** A unit that there is not is refused before anything is done. */
    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(new HandlerInterceptor() {
                    @Override
                    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
                        AskedUnit.of(request);
                        return true;
                    }
                })
                .addPathPatterns("/api/**");
    }

    private static final class Written extends StdSerializer<Sentence> {

        Written() {
            super(Sentence.class);
        }

        @Override
        public void serialize(Sentence sentence, JsonGenerator out, SerializationContext context) {
            out.writeString(AskedUnit.now().write(sentence));
        }
    }
}
