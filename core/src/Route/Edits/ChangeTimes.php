<?php

declare(strict_types=1);

namespace Regimen\Route\Edits;

use Regimen\Route\Air\HoldKind;
use Regimen\Route\Standards\ThreePoint;
use Regimen\Units\Duration;

/** Other hours or another hold for one operation of this build; what is null stays as derived. */
final readonly class ChangeTimes implements Edit
{
    public function __construct(
        public string $key,
        public ?Duration $setUp,
        public ?Duration $labour,
        public ?Duration $hold,
    ) {
    }

    public function apply(Workbench $bench): void
    {
        $operation = $bench->operation($this->key);
        $hold = $this->hold ?? $operation->hold;
        $likely = $operation->hours->likely->minutes;
        $bench->put($operation->with([
            'setUp' => $this->setUp ?? $operation->setUp,
            'hours' => match (true) {
                $this->labour === null => $operation->hours,
                $likely === 0 => ThreePoint::around($this->labour),
                default => new ThreePoint(
                    Duration::ofMinutes(
                        (int) floor($operation->hours->best->minutes * $this->labour->minutes / $likely),
                    ),
                    $this->labour,
                    Duration::ofMinutes(
                        (int) ceil($operation->hours->worst->minutes * $this->labour->minutes / $likely),
                    ),
                ),
            },
            'hold' => $hold,
            'holdKind' => $hold->minutes === 0 ? null : $operation->holdKind ?? HoldKind::Rest,
        ]));
    }

    public function words(Workbench $bench): string
    {
        $parts = array_filter(
            ['set-up' => $this->setUp, 'labour' => $this->labour, 'hold' => $this->hold],
            static fn (?Duration $one): bool => $one !== null,
        );

        return "“{$bench->nameOf($this->key)}”: ".implode(
            ', ',
            array_map(
                static fn (string $what, Duration $time): string => "{$what} {$time}", array_keys($parts), $parts,
            ),
        ).'.';
    }

    public function toArray(): array
    {
        return [
            'kind' => 'times', 'key' => $this->key, 'set_up' => $this->setUp?->minutes,
            'labour' => $this->labour?->minutes, 'hold' => $this->hold?->minutes,
        ];
    }
}
