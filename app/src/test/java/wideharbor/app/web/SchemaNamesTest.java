package wideharbor.app.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import java.lang.reflect.Method;
import java.lang.reflect.Parameter;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Two records of one name would quietly become one schema: whoever reads the description gets the wrong one. */
class SchemaNamesTest {
    private final Map<String, Set<String>> classesByName = new HashMap<>();
    private final Set<Type> seen = new HashSet<>();

    @Test
    void noTwoSchemasShareAName() {
        for (JavaClass c : new ClassFileImporter().importPackages("wideharbor.app")) {
            if (c.isAnnotatedWith(RestController.class)) {
                Arrays.stream(c.reflect().getDeclaredMethods())
                        .filter(m -> AnnotatedElementUtils.hasAnnotation(m, RequestMapping.class))
                        .forEach(this::collect);
            }
        }
        assertTrue(classesByName.size() > 100, () -> "only " + classesByName.size() + " records found");
        Map<String, Set<String>> shared = new HashMap<>(classesByName);
        shared.values().removeIf(classes -> classes.size() == 1);
        assertEquals(Map.of(), shared);
    }

    private void collect(Method method) {
        collect(method.getGenericReturnType());
        for (Parameter parameter : method.getParameters()) {
            if (parameter.isAnnotationPresent(RequestBody.class)) {
                collect(parameter.getParameterizedType());
            }
        }
    }

    private void collect(Type type) {
        if (!seen.add(type)) {
            return;
        }
        if (type instanceof ParameterizedType generic) {
            Arrays.stream(generic.getActualTypeArguments()).forEach(this::collect);
            return;
        }
        if (!(type instanceof Class<?> c) || !c.getName().startsWith("wideharbor.") || isTold(c)) {
            return;
        }
        if (c.isSealed()) {
            Wire.kinds(c).forEach(this::collectComponents);
        } else if (c.isRecord()) {
            classesByName
                    .computeIfAbsent(c.getSimpleName(), k -> new TreeSet<>())
                    .add(c.getName());
            collectComponents(c);
        }
    }

    private void collectComponents(Class<?> record) {
        for (RecordComponent component : record.getRecordComponents()) {
            collect(component.getGenericType());
        }
    }

    /** References and parts are told as text or by name. */
    private static boolean isTold(Class<?> c) {
        return c.getSimpleName().endsWith("Ref")
                || c.getSimpleName().endsWith("Key")
                || c.getSimpleName().equals("ItemType");
    }
}
