package bivouac.desktop;

import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** Small designs as they stand in files, and small things to do with the keyboard. */
final class Small {

    private Small() {}

    /** A window that is opened alongside by one button, and waited for by another: fault X7 when pressed in that order. */
    static final String TWICE = """
            {
              "format": 1,
              "application": {
                "name": "Twice",
                "start": [ { "step": "open", "window": "Desk", "manner": "alongside" } ],
                "departure": "with Desk"
              },
              "windows": [
                {
                  "window": "main window",
                  "name": "Desk",
                  "rows": [
                    [
                      {
                        "part": "button", "name": "go button", "text": "&Go",
                        "pressed": [ { "step": "open", "window": "Card", "manner": "alongside" } ]
                      },
                      {
                        "part": "button", "name": "ask button", "text": "&Ask",
                        "pressed": [ { "step": "open", "window": "Card", "manner": "waits for the application" } ]
                      }
                    ]
                  ]
                },
                { "window": "child window", "name": "Card", "title": "Card" }
              ]
            }
            """;

    static KeyEvent enterPressed() {
        return new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.ENTER, false, false, false, false);
    }
}
