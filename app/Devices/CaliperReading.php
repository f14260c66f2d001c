<?php

declare(strict_types=1);

namespace App\Devices;

final readonly class CaliperReading
{
    /**
     * @param  string  $shown  on its display
     * @param  string  $unit  mm or in
     * @param  string  $typed  what it sends, without the return
     */
    public function __construct(public string $shown, public string $unit, public string $typed)
    {
    }
}
