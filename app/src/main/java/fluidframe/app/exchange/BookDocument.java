package fluidframe.app.exchange;

import com.fasterxml.jackson.annotation.JsonPropertyOrder;
import fluidframe.app.amalgamations.AmalgamationDocument;
import fluidframe.app.events.EventDocument;
import fluidframe.app.figures.FigureDocument;
import fluidframe.app.pieces.PieceDocument;
import fluidframe.app.postures.PostureDocument;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.rules.ProfileDocument;
import io.swagger.v3.oas.annotations.media.Schema;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A figure book in the open format. */
@JsonPropertyOrder({
    "format",
    "version",
    "title",
    "figures",
    "pieces",
    "routines",
    "profiles",
    "events",
    "postures",
    "amalgamations"
})
@Schema(name = "Book")
public record BookDocument(
        String format,
        int version,
        String title,
        List<FigureDocument> figures,
        List<PieceDocument> pieces,
        List<RoutineDocument> routines,
        List<ProfileDocument> profiles,
        List<EventDocument> events,
        List<PostureDocument> postures,
        List<AmalgamationDocument> amalgamations) {

    static final String FORMAT = "fluidframe-book";
    static final int VERSION = 1;

    /** The documents of each of its lists, in the order of the format. */
    static Map<String, Class<?>> parts() {
        Map<String, Class<?>> parts = new LinkedHashMap<>();
        for (RecordComponent component : BookDocument.class.getRecordComponents()) {
            if (component.getGenericType() instanceof ParameterizedType list) {
                parts.put(component.getName(), (Class<?>) list.getActualTypeArguments()[0]);
            }
        }
        return parts;
    }
}
