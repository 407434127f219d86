package neattrace;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.lang.reflect.Constructor;
import java.lang.reflect.Field;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Every {@code withX} of a record whose values are known gives the same value with another X and
 * nothing else: what is written by hand a few hundred times can go wrong by one line.
 */
@Tag("thorough")
class WithersTest {

    /** A record's usual value, one of its withers, and the component that it is to change. */
    record Wither(Object usual, Method method, RecordComponent component) {

        @Override
        public String toString() {
            return usual.getClass().getSimpleName() + "." + method.getName();
        }
    }

    static Stream<Wither> withers() {
        List<Wither> all = new ArrayList<>();
        for (JavaClass each :
                new ClassFileImporter()
                        .withImportOption(new ImportOption.DoNotIncludeTests())
                        .importPackages("neattrace")) {
            if (each.isRecord() && each.getModifiers().toString().contains("PUBLIC")) {
                Class<?> type = each.reflect();
                usual(type).ifPresent(value -> all.addAll(withers(value)));
            }
        }
        return all.stream();
    }

    /** A constant of the record's own type: what is usual, or nothing. */
    private static Optional<Object> usual(Class<?> type) {
        return Arrays.stream(type.getFields())
                .filter(field -> Modifier.isStatic(field.getModifiers()))
                .filter(field -> field.getType() == type)
                .map(WithersTest::value)
                .findFirst();
    }

    private static Object value(Field field) {
        try {
            return field.get(null);
        } catch (IllegalAccessException e) {
            throw new IllegalStateException(e);
        }
    }

    private static List<Wither> withers(Object usual) {
        List<Wither> all = new ArrayList<>();
        for (RecordComponent component : usual.getClass().getRecordComponents()) {
            String name = component.getName();
            String wither =
                    "with" + name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
            for (Method method : usual.getClass().getMethods()) {
                boolean plain =
                        method.getName().equals(wither)
                                && method.getParameterCount() == 1
                                && method.getParameterTypes()[0] == component.getType()
                                && method.getReturnType() == usual.getClass();
                if (plain) {
                    all.add(new Wither(usual, method, component));
                }
            }
        }
        return all;
    }

    @Test
    void thereAreMany() {
        assertThat(withers().count()).isGreaterThan(100);
    }

    @ParameterizedTest
    @MethodSource("withers")
    void oneChangesAndAllOthersStay(Wither wither) throws ReflectiveOperationException {
        Object before = wither.component().getAccessor().invoke(wither.usual());
        Object changed = null;
        for (Object candidate : candidates(wither.component().getType(), before)) {
            if (!candidate.equals(before) && isTaken(wither, candidate)) {
                changed = candidate;
                break;
            }
        }
        if (changed == null) {
            // Nothing else is known for it; the same must at least be the same.
            assertThat(wither.method().invoke(wither.usual(), before)).isEqualTo(wither.usual());
            return;
        }
        Object after = wither.method().invoke(wither.usual(), changed);
        for (RecordComponent one : wither.usual().getClass().getRecordComponents()) {
            Object is = one.getAccessor().invoke(after);
            if (one.getName().equals(wither.component().getName())) {
                assertThat(is).as(one.getName()).isEqualTo(changed);
            } else {
                assertThat(is)
                        .as(one.getName())
                        .isEqualTo(one.getAccessor().invoke(wither.usual()));
            }
        }
        assertThat(after).isNotEqualTo(wither.usual());
        assertThat(wither.method().invoke(after, before)).isEqualTo(wither.usual());
    }

    /** Whether the record takes a value beside all its others; some go together. */
    private static boolean isTaken(Wither wither, Object candidate)
            throws ReflectiveOperationException {
        Class<?> type = wither.usual().getClass();
        RecordComponent[] components = type.getRecordComponents();
        Class<?>[] types =
                Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new);
        Object[] values = new Object[components.length];
        for (int i = 0; i < values.length; i++) {
            boolean own = components[i].getName().equals(wither.component().getName());
            values[i] = own ? candidate : components[i].getAccessor().invoke(wither.usual());
        }
        Constructor<?> constructor = type.getConstructor(types);
        try {
            return wither.component()
                    .getAccessor()
                    .invoke(constructor.newInstance(values))
                    .equals(candidate);
        } catch (InvocationTargetException e) {
            return false;
        }
    }

    private static List<Object> candidates(Class<?> type, Object before) {
        if (type == double.class) {
            double value = (double) before;
            return List.of(value * 1.25 + 0.5, value * 0.75, value + 1, value + 20, value + 100);
        }
        if (type == int.class) {
            int value = (int) before;
            return List.of(value + 1, value - 1);
        }
        if (type == boolean.class) {
            return List.of(!(boolean) before);
        }
        if (type == String.class) {
            return List.of(before + "x");
        }
        if (type.isEnum()) {
            return Arrays.stream(type.getEnumConstants())
                    .filter(one -> one != before)
                    .map(Object.class::cast)
                    .toList();
        }
        return List.of();
    }
}
