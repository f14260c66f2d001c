<?php

declare(strict_types=1);

namespace App\Devices;

/** A caliper, depth gauge or scale that can be plugged in and types what it reads, like a keyboard. */
interface Caliper
{
    public function name(): string;

    /** From millimetres to inches and back. */
    public function changeUnit(): void;

    /** What it is closed on now reads as nothing. */
    public function zero(float $mm): void;

    /** @param  float  $mm  what it is closed on, as it really is */
    public function read(float $mm): CaliperReading;
}
