<?php

declare(strict_types=1);

namespace App\Pages\Money;

use App\Pages\Shop\Option;

/** What can be otherwise in a price. */
final readonly class Choosing
{
    /** @param  list<Option>  $options */
    public function __construct(public string $key, public string $label, public string $value, public array $options)
    {
    }
}
