<?php

declare(strict_types=1);

namespace Regimen\Formats\Finished;

/** An instrument that was finished before the shop recorded anything here. */
final readonly class FinishedInstrument
{
    /**
     * @param  int|null  $number  that it has; the next one when null
     * @param  array<string, int>  $minutes  worked, by stage; under '' what is known only as a whole
     */
    public function __construct(
        public int $line,
        public ?int $number,
        public string $name,
        public string $client,
        public \DateTimeImmutable $finished,
        public array $minutes,
    ) {
    }
}
