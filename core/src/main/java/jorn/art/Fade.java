package jorn.art;

/**
 * Mixes an ink with the white of the paper.
 *
 * @param opacity 1 as it is, 0 bare paper
 */
record Fade(double opacity) implements InkVisitor<Ink> {
    @Override
    public Ink black(Ink.Black black) {
        return new Ink.Black(black.strength() * opacity);
    }

    @Override
    public Ink gray(Ink.Gray gray) {
        return new Ink.Gray(1 - (1 - gray.level()) * opacity);
    }

    @Override
    public Ink rgb(Ink.Rgb rgb) {
        return new Ink.Rgb(part(rgb.red()), part(rgb.green()), part(rgb.blue()));
    }

    @Override
    public Ink cmyk(Ink.Cmyk c) {
        return new Ink.Cmyk(c.cyan() * opacity, c.magenta() * opacity, c.yellow() * opacity, c.black() * opacity);
    }

    @Override
    public Ink spot(Ink.Spot spot) {
        return new Ink.Spot(spot.called(), spot.tint() * opacity, spot.full());
    }

    private int part(int full) {
        return Math.min(255, Math.max(0, (int) Math.round(255 - (255 - full) * opacity)));
    }
}
