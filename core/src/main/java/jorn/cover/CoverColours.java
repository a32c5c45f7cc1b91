package jorn.cover;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Ink;
import jorn.art.Palette;
import jorn.art.Palette.Role;
import jorn.book.Book;
import jorn.book.CoverDesign;
import jorn.book.CoverPlan;

/**
 * The colours of a cover by what they are for. A cover is printed in colour whatever ink the inside has, so they come from the style
 * itself, not from the inside's palette.
 */
public final class CoverColours {
    /** Below this contrast an accent is not taken for words (WCAG 2.2: 3 to 1 for large letters). */
    private static final double READ = 3;

    /** Below this a colour is not seen as another than the ground. */
    private static final double SEEN = 1.25;

    private final Ink ground;
    private final Ink paper;
    private final Ink ink;
    private final List<Ink> accents;

    private CoverColours(Ink ground, Ink paper, Ink ink, List<Ink> accents) {
        this.ground = ground;
        this.paper = paper;
        this.ink = ink;
        this.accents = accents;
    }

    static CoverColours of(Book book) {
        CoverDesign design = book.cover();
        Palette own = book.style().dress().palette();
        List<Ink> accents =
                new ArrayList<>(design.plan().map(CoverPlan::accents).orElse(List.of()));
        Role[] roles = {Role.ACCENT, Role.SECOND, Role.THIRD, Role.FOURTH};
        for (int i = accents.size(); i < roles.length; i++) {
            accents.add(own.ink(roles[i]));
        }
        return new CoverColours(design.ground(), design.panelInk(), design.titleInk(), accents);
    }

    public Ink ink(CoverRole role) {
        return switch (role) {
            case GROUND -> ground;
            case DEEP -> ground.mixed(Ink.BLACK, 0.22);
            case SOFT -> soft();
            case LINE -> ground.mixed(onGround(), 0.26);
            case CONTRAST -> contrast();
            case ON_CONTRAST -> readable(contrast().equals(ink) ? paper : ink, contrast());
            case SUN -> sun();
            case PAPER -> paper;
            case INK -> readable(ink, paper);
            case ON_GROUND -> onGround();
            case ACCENT_ON_GROUND -> firstOn(ground, onGround());
            case ACCENT_ON_PAPER -> firstOn(paper, readable(ink, paper));
            case ACCENT -> seen(0);
            case ON_ACCENT -> readable(seen(0).contrast(paper) >= seen(0).contrast(ink) ? paper : ink, seen(0));
            case SECOND -> seen(1);
            case THIRD -> seen(2);
            case FOURTH -> seen(3);
        };
    }

    private Ink contrast() {
        return ink.contrast(ground) >= 1.8 ? ink : paper;
    }

    /** Of the accents that are seen on the ground the one with most red and green and least blue. */
    private Ink sun() {
        Ink best = seen(0);
        for (int i = 1; i < accents.size(); i++) {
            best = warmth(seen(i)) > warmth(best) ? seen(i) : best;
        }
        return best;
    }

    private static double warmth(Ink ink) {
        int[] c = ink.rgb();
        return c[0] + 0.8 * c[1] - 1.6 * c[2];
    }

    /** An accent that is seen on the ground; one that is not is moved away from it. */
    private Ink seen(int i) {
        Ink own = accents.get(i);
        if (own.contrast(ground) >= SEEN) {
            return own;
        }
        return ground.luminance() > 0.35 ? own.mixed(Ink.BLACK, 0.25) : own.mixed(Ink.WHITE, 0.3);
    }

    private Ink firstOn(Ink behind, Ink otherwise) {
        return accents.stream()
                .filter(a -> a.isColoured() && a.contrast(behind) >= READ)
                .findFirst()
                .orElse(otherwise);
    }

    private Ink soft() {
        return ground.luminance() > 0.5 ? ground.mixed(Ink.BLACK, 0.08) : ground.mixed(Ink.WHITE, 0.11);
    }

    /** Paper or ink, whichever reads better on the ground; black or white where neither does. */
    private Ink onGround() {
        Ink best = ground.contrast(paper) >= ground.contrast(ink) ? paper : ink;
        return readable(best, ground);
    }

    private static Ink readable(Ink wanted, Ink behind) {
        if (wanted.contrast(behind) >= 4.5) {
            return wanted;
        }
        Ink other = behind.luminance() > 0.18 ? Ink.BLACK : Ink.WHITE;
        // The same hue, moved until it reads.
        for (double share = 0.15; share < 1; share += 0.15) {
            Ink tried = wanted.mixed(other, share);
            if (tried.contrast(behind) >= 4.5) {
                return tried;
            }
        }
        return other;
    }

    /** For the style's ornaments: they stand on the ground, or on a panel. */
    Palette palette(boolean onPaper) {
        Ink behind = onPaper ? paper : ground;
        Ink words = onPaper ? readable(ink, paper) : onGround();
        return Palette.BLACK.recoloured((role, none) -> switch (role) {
            case TINT -> behind;
            case ACCENT -> apart(accents.get(0), behind, words);
            case SECOND -> apart(accents.get(1), behind, words);
            case THIRD -> apart(accents.get(2), behind, words);
            case FOURTH -> apart(accents.get(3), behind, words);
            case TEXT, HEADING, LINE, SOFT_LINE -> words;
        });
    }

    private static Ink apart(Ink own, Ink behind, Ink words) {
        return own.contrast(behind) >= 1.6 ? own : own.mixed(words, 0.6);
    }
}
