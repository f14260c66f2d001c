<?php

declare(strict_types=1);

namespace Regimen\Route\Entry;

use Regimen\Figures\InstrumentString;
use Regimen\Figures\Workings;
use Regimen\Inspection\Target;
use Regimen\Inspection\Tolerances;
use Regimen\Instrument\Specification;
use Regimen\Units\Length;

/** What a gate measures against: one instrument worked out, and what the house tolerates. */
final readonly class Inspector
{
    private function __construct(
        public Workings $workings,
        private Tolerances $tolerances,
        public Specification $specification,
    ) {
    }

    public static function of(Workings $workings, Tolerances $tolerances): self
    {
        return new self($workings, $tolerances, $workings->specification);
    }

    /** @return non-empty-list<string> strings as makers count them, `1 e` */
    public function strings(): array
    {
        return array_map(
            static fn (InstrumentString $string): string => "{$string->number} {$string->note->name}", $this->workings->strings(),
        );
    }

    public function tolerance(string $key): float
    {
        return $this->tolerances->value($key);
    }

    public function around(
        string $subject,
        string $tool,
        Length|float $value,
        string $tolerance,
        string $unit = 'mm',
    ): Target {
        return Target::around(
            $subject, $tool, $value instanceof Length ? $value->mm : $value, $this->tolerance($tolerance), $unit,
        );
    }

    public function atMost(string $subject, string $tool, string $tolerance): Target
    {
        return Target::atMost($subject, $tool, $this->tolerance($tolerance));
    }

    public function atLeast(string $subject, string $tool, string $tolerance): Target
    {
        return Target::atLeast($subject, $tool, $this->tolerance($tolerance));
    }
}
