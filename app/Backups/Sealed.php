<?php

declare(strict_types=1);

namespace App\Backups;

use SodiumException;

/**
 * A copy that only a passphrase opens: encrypted in pieces with XChaCha20-Poly1305, its key sealed for the shop's public
 * key, so that the shop can write copies at night without keeping the passphrase (libsodium: secretstream, sealed boxes,
 * Argon2id).
 */
final class Sealed
{
    private const MAGIC = "REGIMEN SEALED COPY 1\n";

    private const PIECE = 65_536;

    /** @return array{key: string, salt: string} the public key and what it was made with, both in base64 */
    public static function keyFor(string $passphrase): array
    {
        $salt = random_bytes(SODIUM_CRYPTO_PWHASH_SALTBYTES);

        return [
            'key' => base64_encode(sodium_crypto_box_publickey(self::pair($passphrase, $salt))),
            'salt' => base64_encode($salt),
        ];
    }

    /** Worked out once for each passphrase: many photographs are opened with one. */
    private static function pair(#[\SensitiveParameter] string $passphrase, string $salt): string
    {
        static $known = [];

        return $known[hash('sha256', "{$salt}{$passphrase}", true)] ??= sodium_crypto_box_seed_keypair(
            sodium_crypto_pwhash(
                SODIUM_CRYPTO_BOX_SEEDBYTES, $passphrase, $salt, SODIUM_CRYPTO_PWHASH_OPSLIMIT_MODERATE,
                64 * 1024 * 1024, SODIUM_CRYPTO_PWHASH_ALG_ARGON2ID13,
            ),
        );
    }

    public static function is(string $file): bool
    {
        return is_file($file) && file_get_contents($file, length: strlen(self::MAGIC)) === self::MAGIC;
    }

    /** @throws UnusableCopy when it cannot be written */
    public static function write(string $plain, string $sealed, string $key, string $salt): void
    {
        [$from, $to] = [self::opened($plain, 'rb'), self::opened($sealed, 'wb')];
        $piecesKey = sodium_crypto_secretstream_xchacha20poly1305_keygen();
        [$state, $header] = sodium_crypto_secretstream_xchacha20poly1305_init_push($piecesKey);
        self::put(
            $to, self::MAGIC.base64_decode($salt).sodium_crypto_box_seal($piecesKey, base64_decode($key)).$header,
        );
        do {
            $piece = (string) fread($from, self::PIECE);
            $last = feof($from) || strlen($piece) < self::PIECE;
            self::put($to, sodium_crypto_secretstream_xchacha20poly1305_push(
                $state, $piece, '',
                $last
                    ? SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL
                    : SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_MESSAGE,
            ));
        } while (! $last);
        fclose($from);
        fflush($to) && fsync($to) && fclose($to) || throw new UnusableCopy("{$sealed} could not be written; the disk may be full.");
    }

    /** @throws UnusableCopy when the passphrase is another one, or the file was cut or changed */
    public static function open(string $sealed, string $plain, #[\SensitiveParameter] string $passphrase): void
    {
        [$from, $to] = [self::opened($sealed, 'rb'), self::opened($plain, 'wb')];
        try {
            self::take($from, strlen(self::MAGIC));
            $pair = self::pair($passphrase, self::take($from, SODIUM_CRYPTO_PWHASH_SALTBYTES));
            $piecesKey = sodium_crypto_box_seal_open(
                self::take($from, SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_KEYBYTES + SODIUM_CRYPTO_BOX_SEALBYTES), $pair,
            );
            if ($piecesKey === false) {
                throw new UnusableCopy('The passphrase is not the one this copy was sealed for.');
            }
            $state = sodium_crypto_secretstream_xchacha20poly1305_init_pull(
                self::take($from, SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES), $piecesKey,
            );
            do {
                $piece = (string) fread($from, self::PIECE + SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_ABYTES);
                $opened = sodium_crypto_secretstream_xchacha20poly1305_pull($state, $piece);
                if ($opened === false) {
                    throw new UnusableCopy('The copy is damaged: a piece of it was changed or is missing.');
                }
                self::put($to, $opened[0]);
            } while ($opened[1] !== SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL);
            if (fread($from, 1) !== '') {
                throw new UnusableCopy('The copy is damaged: there is more in it than was sealed.');
            }
        } catch (SodiumException) {
            throw new UnusableCopy('The copy is damaged: it ends too soon.');
        } finally {
            fclose($from);
            fclose($to);
        }
    }

    /** @return resource */
    private static function opened(string $file, string $mode)
    {
        $stream = @fopen($file, $mode);
        if ($stream === false) {
            throw new UnusableCopy("{$file} cannot be ".($mode === 'rb' ? 'read.' : 'written.'));
        }
        if ($mode === 'wb') {
            chmod($file, 0600);
        }

        return $stream;
    }

    /** @param  resource  $from */
    private static function take($from, int $bytes): string
    {
        $taken = (string) fread($from, max(1, $bytes));

        return strlen($taken) === $bytes ? $taken : throw new UnusableCopy('The copy is damaged: it ends too soon.');
    }

    /** @param  resource  $to */
    private static function put($to, string $bytes): void
    {
        if (@fwrite($to, $bytes) !== strlen($bytes)) {
            throw new UnusableCopy('The copy could not be written whole; the disk may be full.');
        }
    }
}
