package jorn.colour;

import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;

/**
 * The printing condition that ships as a profile of an output device, which knows both ways: how inks look, and which inks a colour needs (ICC.1:2001-04,
 * 6.3.4.2, 6.4 and 6.5.7). Files by PDF/X-4 carry it. It ships ready made, and {@link #made} makes it from the condition.
 */
public final class OutputProfile {
    private static final String FILE = "/jorn/colour/cgats-tr-001-output.icc";
    private static final int HEADER = InkTable.HEADER;
    private static final int GRID = 13;
    private static final int FULL = 0xFFFF;
    private static final int A2B = 0;
    private static final int TAGS = 10;

    private OutputProfile() {}

    /** The file that ships. */
    public static byte[] shipped() {
        try (InputStream in = OutputProfile.class.getResourceAsStream(FILE)) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Makes the file; it takes a few seconds. */
    public static byte[] made() {
        byte[] one = PrintCondition.profile();
        ByteBuffer in = ByteBuffer.wrap(one);
        byte[] forward = tag(in, "A2B0");
        byte[][] parts = {forward, back(), tag(in, "desc"), tag(in, "cprt"), tag(in, "wtpt"), gamut()};
        String[] names = {"A2B0", "A2B1", "A2B2", "B2A0", "B2A1", "B2A2", "desc", "cprt", "wtpt", "gamt"};
        int[] which = {A2B, A2B, A2B, 1, 1, 1, 2, 3, 4, 5};
        int[] at = new int[parts.length];
        int next = HEADER + 4 + 12 * TAGS;
        for (int i = 0; i < parts.length; i++) {
            at[i] = next;
            next += (parts[i].length + 3) / 4 * 4;
        }
        ByteBuffer out = ByteBuffer.allocate(next);
        out.put(one, 0, HEADER);
        out.putInt(0, next);
        out.put(12, "prtr".getBytes(StandardCharsets.US_ASCII));
        out.position(HEADER);
        out.putInt(TAGS);
        for (int i = 0; i < TAGS; i++) {
            out.put(names[i].getBytes(StandardCharsets.US_ASCII));
            out.putInt(at[which[i]]);
            out.putInt(parts[which[i]].length);
        }
        for (int i = 0; i < parts.length; i++) {
            out.position(at[i]);
            out.put(parts[i]);
        }
        return out.array();
    }

    private static byte[] tag(ByteBuffer in, String wanted) {
        int entry = InkTable.tag(in, wanted);
        byte[] all = new byte[in.getInt(entry + 8)];
        in.get(in.getInt(entry + 4), all);
        return all;
    }

    /** From Lab to inks. */
    private static byte[] back() {
        PrintCondition condition = PrintCondition.shipped();
        return table(GRID, 4, lab -> condition.inksFor(lab));
    }

    /** Which colours the inks can make: 0 where they can. */
    private static byte[] gamut() {
        PrintCondition condition = PrintCondition.shipped();
        return table(5, 1, lab -> {
            double[] inks = condition.inksFor(lab);
            boolean made = condition.colour(inks[0], inks[1], inks[2], inks[3]).distance(lab) < 5;
            return new double[] {made ? 0 : 1};
        });
    }

    private interface Way {
        double[] of(Lab lab);
    }

    /** A table of sixteen bits with straight curves: type, grid, the matrix of no change, curves, values. */
    private static byte[] table(int grid, int outputs, Way way) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (DataOutputStream out = new DataOutputStream(bytes)) {
            out.writeBytes("mft2");
            out.writeInt(0);
            out.write(3);
            out.write(outputs);
            out.write(grid);
            out.write(0);
            for (int i = 0; i < 9; i++) {
                out.writeInt(i % 4 == 0 ? 0x10000 : 0);
            }
            out.writeShort(2);
            out.writeShort(2);
            straight(out, 3);
            for (int l = 0; l < grid; l++) {
                for (int a = 0; a < grid; a++) {
                    for (int b = 0; b < grid; b++) {
                        for (double part : way.of(new Lab(
                                value(l, grid) * 100 / InkTable.FULL_LIGHTNESS,
                                value(a, grid) / 256 - 128,
                                value(b, grid) / 256 - 128))) {
                            out.writeShort((int) Math.round(Math.min(1, Math.max(0, part)) * FULL));
                        }
                    }
                }
            }
            straight(out, outputs);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    private static double value(int step, int grid) {
        return step * (double) FULL / (grid - 1);
    }

    private static void straight(DataOutputStream out, int curves) throws IOException {
        for (int i = 0; i < curves; i++) {
            out.writeShort(0);
            out.writeShort(FULL);
        }
    }
}
