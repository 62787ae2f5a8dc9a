package belonax.web.shared.api;

import java.io.IOException;
import java.lang.reflect.Type;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.HttpOutputMessage;
import org.springframework.http.MediaType;
import org.springframework.http.converter.AbstractGenericHttpMessageConverter;
import org.springframework.http.converter.HttpMessageNotWritableException;
import org.springframework.stereotype.Component;

/** Reads every {@link ApiBody} through {@link StrictJson}; writes nothing. */
@Component
final class ApiBodyConverter extends AbstractGenericHttpMessageConverter<ApiBody> {
    private final StrictJson json = new StrictJson();

    ApiBodyConverter() {
        super(MediaType.APPLICATION_JSON);
    }

    @Override
    protected boolean supports(Class<?> type) {
        return ApiBody.class.isAssignableFrom(type);
    }

    @Override
    public boolean canRead(Type type, @Nullable Class<?> context, @Nullable MediaType mediaType) {
        return type instanceof Class<?> body && supports(body) && canRead(mediaType);
    }

    @Override
    public boolean canWrite(@Nullable Type type, Class<?> clazz, @Nullable MediaType mediaType) {
        return false;
    }

    @Override
    public List<MediaType> getSupportedMediaTypes(Class<?> type) {
        return supports(type) ? getSupportedMediaTypes() : List.of();
    }

    @Override
    public ApiBody read(Type type, @Nullable Class<?> context, HttpInputMessage in) throws IOException {
        return (ApiBody) json.read(in.getBody(), json.type(type));
    }

    @Override
    protected ApiBody readInternal(Class<? extends ApiBody> type, HttpInputMessage in) throws IOException {
        return read(type, null, in);
    }

    @Override
    protected void writeInternal(ApiBody body, @Nullable Type type, HttpOutputMessage out) {
        throw new HttpMessageNotWritableException("Bodies are only read.");
    }
}
