<?php

declare(strict_types=1);

namespace App\Actions\Forecast;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\People\Person;
use App\Support\Refused;
use App\Support\Say;

/** The hours that a build may take; none where they are taken away again. */
final readonly class SetHoursBudget
{
    public function __construct(private Recording $recording)
    {
    }

    public function __invoke(Person $by, Build $build, int $version, ?int $minutes): void
    {
        $this->recording->keep(function () use ($by, $build, $version, $minutes): void {
            Refused::ifStale($build->version, $version, $build->name());
            if ($build->status !== BuildStatus::Open) {
                throw Refused::because("{$build->name()} is not in the making any more.");
            }
            $was = $build->budget_minutes;
            if ($was === $minutes) {
                return;
            }
            $build->update(['budget_minutes' => $minutes, 'version' => $build->version + 1]);
            $this->recording->log($build, $by, 'budget', match (true) {
                $minutes === null => 'No hours are set for it any more, '.Say::duration((int) $was).' before.',
                $was === null => Say::duration($minutes).' are set for it.',
                default => Say::duration($minutes).' are set for it, '.Say::duration($was).' before.',
            });
        });
    }
}
