<?php

declare(strict_types=1);

namespace App\Devices;

use App\Pages\Parts\Label;

/** Something that prints one label after the other from a roll. */
interface LabelPrinter
{
    public function name(): string;

    /**
     * @param  non-empty-list<Label>  $labels
     * @return string where they came out, in words
     */
    public function print(array $labels): string;
}
