<?php

declare(strict_types=1);

namespace App\Actions\Bench;

/** What has become of something that was pressed without a network. */
final readonly class PressResult
{
    public function __construct(public string $uuid, public bool $done, public string $words)
    {
    }
}
