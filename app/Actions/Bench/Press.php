<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;

/** Something that was pressed without a network, with the time at which it was. */
final readonly class Press
{
    /**
     * @param  string  $uuid  by which it is known, however often it is sent
     * @param  int|null  $operation  the one it was pressed at
     * @param  array<string, string>  $said  what goes with it
     */
    public function __construct(
        public string $uuid,
        public PressKind $kind,
        public CarbonImmutable $at,
        public ?int $operation,
        public array $said,
        public ?UploadedFile $photograph,
    ) {
    }

    public function said(string $key): string
    {
        return trim($this->said[$key] ?? '');
    }
}
