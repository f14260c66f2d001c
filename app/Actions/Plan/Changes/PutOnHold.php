<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\Build\Build;
use App\Support\Say;

/** Nothing new is begun on a build until a day; or again from now on. */
final readonly class PutOnHold implements Change
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

    public function make(): array
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

        return $before;
    }

    public function build(): Build
    {
        return Build::query()->where('number', $this->body->whole('build'))->firstOrFail();
    }
}
