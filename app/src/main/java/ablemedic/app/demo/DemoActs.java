package ablemedic.app.demo;

import ablemedic.app.workup.Command;
import ablemedic.app.workup.Commands;
import ablemedic.app.workup.Recording;
import ablemedic.app.workup.WorkUps;
import java.time.Instant;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Writes what was done in a work-up of the demo. */
@Component
class DemoActs {
    private final Commands commands;
    private final Recording recording;
    private final WorkUps workUps;

    DemoActs(Commands commands, Recording recording, WorkUps workUps) {
        this.commands = commands;
        this.recording = recording;
        this.workUps = workUps;
    }

    /** Ends are worked out from their events when somebody looks at them: the demo is to start soon. */
    void run(long id, Instant at, Command command) {
        recording.keep(commands.run(id, workUps.version(id), command, at), Optional.empty());
    }
}
