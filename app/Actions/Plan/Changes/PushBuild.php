<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\People\Person;
use App\Support\Say;

/** A build is planned as if it were due so many days sooner, or later. */
final readonly class PushBuild implements Change, Lapses
{
    public function __construct(private Body $body)
    {
    }

    public function words(): string
    {
        $days = $this->body->whole('days');

        return "No. {$this->build()->number} ".(
            $days === 0
                ? 'in its own place again.'
                : ($days > 0 ? 'pushed ahead by ' : 'pushed back by ').Say::count(abs($days), 'day').'.'
        );
    }

    public function make(?Person $by): array
    {
        $build = $this->build();
        $before = ['kind' => 'push', 'build' => $build->number, 'days' => $build->push_days];
        $build->update(['push_days' => $this->body->whole('days')]);

        return $before;
    }

    public function lapsed(): ?string
    {
        $build = $this->build();

        return $build->status === BuildStatus::Open ? null : "{$build->name()} is not in the making any more.";
    }

    public function build(): Build
    {
        return Build::query()->where('number', $this->body->whole('build'))->firstOrFail();
    }
}
