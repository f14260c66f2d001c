<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Validation\ValidationException;

/** What cannot be done as things stand, said at the field where it was asked for; nothing is changed then. */
final class Refused
{
    /** @param  string  $field  the field the sentence stands at; “conflict” stands at the head of the page */
    public static function because(string $sentence, string $field = 'conflict'): ValidationException
    {
        return ValidationException::withMessages([$field => $sentence]);
    }

    /**
     * For what a form has checked before the lock and somebody else may have taken since.
     *
     * @throws ValidationException if it is there already
     */
    public static function ifThere(bool $isThere, string $sentence, string $field): void
    {
        if ($isThere) {
            throw self::because($sentence, $field);
        }
    }

    /** @throws ValidationException if somebody else has changed the record since it was read */
    public static function ifStale(int $current, int $seen, string $what): void
    {
        if ($current !== $seen) {
            throw self::because(
                "{$what} was changed by somebody else in the meantime. Nothing of yours was saved; this is how it "
                    .'stands now. Look it over and do it again.',
            );
        }
    }
}
