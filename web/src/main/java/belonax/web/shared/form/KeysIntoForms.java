package belonax.web.shared.form;

import jakarta.servlet.http.HttpServletRequest;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;
import org.springframework.web.servlet.support.RequestDataValueProcessor;

/** Puts a fresh key into every form that is sent by post, beside the token that security puts there. */
@Component
class KeysIntoForms implements BeanPostProcessor {
    private final Supplier<Supplier<UUID>> ids;

    KeysIntoForms(ObjectProvider<Supplier<UUID>> ids) {
        this.ids = SingletonSupplier.of(ids::getObject);
    }

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        return bean instanceof RequestDataValueProcessor security ? new WithKey(security) : bean;
    }

    private final class WithKey implements RequestDataValueProcessor {
        private final RequestDataValueProcessor security;

        WithKey(RequestDataValueProcessor security) {
            this.security = security;
        }

        @Override
        public String processAction(HttpServletRequest request, String action, String method) {
            return security.processAction(request, action, method);
        }

        @Override
        public String processFormFieldValue(
                HttpServletRequest request, @Nullable String name, String value, String type) {
            return security.processFormFieldValue(request, name, value, type);
        }

        @Override
        public Map<String, String> getExtraHiddenFields(HttpServletRequest request) {
            Map<String, String> token = security.getExtraHiddenFields(request);
            if (token == null || token.isEmpty()) {
                return Map.of(); // A form that is sent by get records nothing.
            }
            Map<String, String> all = new LinkedHashMap<>(token);
            all.put(IdempotencyInterceptor.KEY, ids.get().get().toString());
            if (request.getAttribute(IdempotencyInterceptor.SHOWN) instanceof Supplier<?> shown) {
                String seen = String.valueOf(shown.get());
                if (!seen.isEmpty()) {
                    all.put(IdempotencyInterceptor.SEEN, seen);
                }
            }
            return all;
        }

        @Override
        public String processUrl(HttpServletRequest request, String url) {
            return security.processUrl(request, url);
        }
    }
}
