package neattrace.job;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/** Finds places in what was decided, whatever keeps them. */
final class Places {

    /** Kept in pixels of the source, which never move. */
    private static final Set<Class<?>> ON_THE_SOURCE = Set.of(SheetSection.class, Settled.class);

    /** A place and what keeps it. */
    record Found(String in, Point at) {}

    private Places() {}

    static List<Found> of(Object value) {
        List<Found> found = new ArrayList<>();
        look(value, "", found);
        return found;
    }

    private static void look(Object value, String in, List<Found> found) {
        if (value instanceof Point at) {
            found.add(new Found(in, at));
        } else if (value instanceof Collection<?> all) {
            all.forEach(one -> look(one, in, found));
        } else if (value instanceof Optional<?> one) {
            one.ifPresent(is -> look(is, in, found));
        } else if (value instanceof Map<?, ?> map) {
            map.values().forEach(one -> look(one, in, found));
        } else if (value instanceof Record && !ON_THE_SOURCE.contains(value.getClass())) {
            for (RecordComponent part : value.getClass().getRecordComponents()) {
                try {
                    part.getAccessor().setAccessible(true);
                    look(part.getAccessor().invoke(value), value.getClass().getSimpleName(), found);
                } catch (ReflectiveOperationException e) {
                    throw new AssertionError(e);
                }
            }
        }
    }

    /** Records below one that have places, or parts that have, and do not move them. */
    static Set<Class<?>> silent(Class<?> root) {
        Set<Class<?>> seen = new LinkedHashSet<>();
        Set<Class<?>> placed = new LinkedHashSet<>();
        hasPlaces(root, seen, placed);
        placed.remove(root);
        placed.removeIf(OnPage.class::isAssignableFrom);
        return placed;
    }

    private static boolean hasPlaces(Type type, Set<Class<?>> seen, Set<Class<?>> placed) {
        if (type instanceof ParameterizedType of) {
            boolean has = false;
            for (Type argument : of.getActualTypeArguments()) {
                has |= hasPlaces(argument, seen, placed);
            }
            return has;
        }
        if (type == Point.class) {
            return true;
        }
        if (!(type instanceof Class<?> one) || ON_THE_SOURCE.contains(one)) {
            return false;
        }
        if (!one.getName().startsWith("neattrace.")) {
            return false;
        }
        if (!seen.add(one)) {
            return placed.contains(one) || OnPage.class.isAssignableFrom(one);
        }
        boolean has = false;
        if (one.isSealed()) {
            for (Class<?> permitted : one.getPermittedSubclasses()) {
                has |= hasPlaces(permitted, seen, placed);
            }
        }
        if (one.isRecord()) {
            for (RecordComponent part : one.getRecordComponents()) {
                has |= hasPlaces(part.getGenericType(), seen, placed);
            }
        }
        if (has) {
            placed.add(one);
        }
        return has;
    }
}
