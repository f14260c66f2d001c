<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\People\Person;
use App\Support\Say;

/** Nothing new is begun on a build until a day; or again from now on. */
final readonly class PutOnHold implements Change, Lapses
{
    public function __construct(private Body $body)
    {
    }

    public function words(): string
    {
        $until = $this->body->maybe('until');
        $because = $this->body->text('because');

        return "No. {$this->build()->number} ".(
            $until === null ? 'goes on.' : 'on hold until '.Say::day($until).($because === '' ? '.' : ": {$because}.")
        );
    }

    public function make(?Person $by): array
    {
        $build = $this->build();
        $before = [
            'kind' => 'hold', 'build' => $build->number, 'until' => $build->held_until,
            'because' => $build->held_because,
        ];
        $build->update(
            [
                'held_until' => $this->body->maybe('until'),
                'held_because' => $this->body->maybe('until') === null ? '' : $this->body->text('because'),
            ],
        );

        return [...$before, 'was' => $build->held_until];
    }

    public function lapsed(): ?string
    {
        $build = $this->build();

        return match (true) {
            $build->status !== BuildStatus::Open => "{$build->name()} is not in the making any more.",
            $this->body->has('was') && $build->held_until !== $this->body->maybe('was') => "{$build->name()} was put on hold or taken up again since.",
            default => null,
        };
    }

    public function build(): Build
    {
        return Build::query()->where('number', $this->body->whole('build'))->firstOrFail();
    }
}
