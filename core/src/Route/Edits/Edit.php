<?php

declare(strict_types=1);

namespace Regimen\Route\Edits;

/** One change that somebody has made to a derived route. */
interface Edit
{
    /** @throws ImpossibleEdit with what is wrong and what would fix it */
    public function apply(Workbench $bench): void;

    /** In words, with the operations named as they are on the bench before it. */
    public function words(Workbench $bench): string;

    /** @return array<string, mixed> as it is kept */
    public function toArray(): array;
}
