package brightplumb.app.printing;

import java.io.IOException;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.HttpOutputMessage;
import org.springframework.http.MediaType;
import org.springframework.http.converter.AbstractHttpMessageConverter;
import org.springframework.stereotype.Component;

/** Sends an {@link OutputFile}. */
@Component
class OutputFileConverter extends AbstractHttpMessageConverter<OutputFile> {

    OutputFileConverter() {
        super(MediaType.ALL);
    }

    @Override
    protected boolean supports(Class<?> type) {
        return OutputFile.class.isAssignableFrom(type);
    }

    @Override
    public boolean canRead(Class<?> type, MediaType as) {
        return false;
    }

    @Override
    protected OutputFile readInternal(Class<? extends OutputFile> type, HttpInputMessage input) {
        throw new IllegalStateException("Files are only sent");
    }

    @Override
    protected void writeInternal(OutputFile file, HttpOutputMessage output) throws IOException {
        file.writeTo(output.getBody());
    }
}
