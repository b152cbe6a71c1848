package ablemedic.app.instruments;

import ablemedic.app.chart.BuildSheet.Turn;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.craft.Rotation;
import ablemedic.takeoff.BoardOrientation;
import ablemedic.takeoff.BoardOrientation.Arrow;
import ablemedic.takeoff.BoardOrientation.Lie;
import ablemedic.takeoff.BoardOrientation.Motion;
import ablemedic.takeoff.BoardOrientation.Picture;
import ablemedic.takeoff.BoardOrientation.Solution;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Board orientation: from three motions of the hand, or from how the board is seen to sit, the angles to enter. */
@RestController
class BoardOrientationController {
    private static final Words SAID =
            Catalogue.beside(BoardOrientationController.class, "words").of("board-orientation-controller");

    /**
     * What was seen.
     *
     * @param picture which kind of picture it was; nothing while that was not said
     * @param lie how a drawn craft lies while the real one lies flat
     */
    record HandMotions(
            @Nullable Picture picture,
            @Nullable Lie lie,

            @NotNull @Size(max = 6, message = "{most.motions}")
            Map<@NotNull Motion, @NotNull(message = "{is.a.motion}") Motion> motions,

            @NotNull @Valid Turn told,
            @Nullable Arrow arrow,
            boolean faceDown) {}

    record OrientationAnswer(
            @Nullable Turn enter,
            String enterLabel,
            String misalignment,
            List<String> contradictions,
            List<String> missing) {}

    @PostMapping("/api/instruments/board-orientation")
    OrientationAnswer solve(@RequestBody @Valid HandMotions asked) {
        Rotation told = asked.told().rotation("told");
        if (asked.arrow() != null && asked.motions().isEmpty()) {
            Rotation mounted = asked.arrow().mounted(asked.faceDown());
            return answer(mounted, told.after(mounted.inverse()));
        }
        if (asked.picture() == null && !asked.motions().isEmpty()) {
            return new OrientationAnswer(
                    null, "", "", List.of(), List.of(SAID.line("which-picture").plain()));
        }
        Solution solution = asked.picture() == Picture.ATTITUDE
                ? BoardOrientation.solve(asked.motions(), Optional.ofNullable(asked.lie()), told)
                : BoardOrientation.solve(asked.motions(), told);
        if (solution.mounted().isEmpty()) {
            return new OrientationAnswer(null, "", "", solution.contradictions(), solution.missing());
        }
        Rotation mounted = solution.mounted().get();
        OrientationAnswer answer = answer(mounted, solution.misalignment().orElseThrow());
        if (asked.arrow() != null && !asked.arrow().mounted(asked.faceDown()).equals(mounted)) {
            return new OrientationAnswer(
                    answer.enter(),
                    answer.enterLabel(),
                    answer.misalignment(),
                    List.of(SAID.with(
                                    "arrow",
                                    asked.arrow().mounted(asked.faceDown()).angles())
                            .with("motions", mounted.angles())
                            .line("arrow-against")
                            .plain()),
                    List.of());
        }
        return answer;
    }

    private static OrientationAnswer answer(Rotation mounted, Rotation misalignment) {
        return new OrientationAnswer(
                Turn.of(mounted),
                mounted.angles() + ": " + Rotation.Angles.ORDER,
                misalignment.equals(Rotation.NONE)
                        ? SAID.line("right").plain()
                        : SAID.with("angles", misalignment.angles()).line("off").plain(),
                List.of(),
                List.of());
    }
}
