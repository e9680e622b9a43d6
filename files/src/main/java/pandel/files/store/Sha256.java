package pandel.files.store;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** The SHA-256 of bytes (FIPS 180-4), by which what is the same is known. */
public final class Sha256 {

    private Sha256() {}

    /** 64 small hexadecimal digits. */
    public static String hex(byte[] bytes) {
        return HexFormat.of().formatHex(of(bytes));
    }

    /** 32 bytes. */
    public static byte[] of(byte[] bytes) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(bytes);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }
}
