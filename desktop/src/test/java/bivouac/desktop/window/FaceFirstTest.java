package bivouac.desktop.window;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;

class FaceFirstTest {

    @Test
    void a_face_is_whole_where_there_is_room_for_it() {
        assertEquals(200, FaceFirst.scriptHeight(700, 450, 200), "a short script takes what it needs");
        assertEquals(300, FaceFirst.scriptHeight(700, 400, 900), "a long one what the face leaves");
    }

    @Test
    void where_both_are_long_neither_takes_all() {
        assertEquals(700 * FaceFirst.SCRIPT_SHARE, FaceFirst.scriptHeight(700, 2000, 2000));
        assertEquals(FaceFirst.SCRIPT_LEAST, FaceFirst.scriptHeight(700, 2000, 20));
        assertEquals(90, FaceFirst.scriptHeight(90, 2000, 2000), "never more than there is");
    }
}
