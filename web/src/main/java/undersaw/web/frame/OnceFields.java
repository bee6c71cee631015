package undersaw.web.frame;

import jakarta.servlet.http.HttpServletRequest;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.support.RequestDataValueProcessor;

/** Puts a token of its own into each form, beside the one that keeps strangers out ({@link OnceFilter}). */
@Component
class OnceFields implements BeanPostProcessor {
    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        return bean instanceof RequestDataValueProcessor processor ? new Fields(processor) : bean;
    }

    private record Fields(RequestDataValueProcessor others) implements RequestDataValueProcessor {
        @Override
        public String processAction(HttpServletRequest request, String action, String method) {
            return others.processAction(request, action, method);
        }

        @Override
        public String processFormFieldValue(
                HttpServletRequest request, @Nullable String name, String value, String type) {
            return others.processFormFieldValue(request, name, value, type);
        }

        /** A form that only asks carries neither. */
        @Override
        public @Nullable Map<String, String> getExtraHiddenFields(HttpServletRequest request) {
            Map<String, String> fields = others.getExtraHiddenFields(request);
            if (fields == null || fields.isEmpty()) {
                return fields;
            }
            Map<String, String> all = new LinkedHashMap<>(fields);
            all.put(OnceFilter.FIELD, UUID.randomUUID().toString());
            return all;
        }

        @Override
        public String processUrl(HttpServletRequest request, String url) {
            return others.processUrl(request, url);
        }
    }
}
