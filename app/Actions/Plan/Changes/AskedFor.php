<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

/** A change that is asked for on a page, by what it has to say. */
interface AskedFor extends Change
{
    /** What it is about, as one of several to choose from; null for what has a place of its own on a page. */
    public static function heading(): ?string;

    /** @return list<AskedField> */
    public static function fields(Asking $asking): array;
}
