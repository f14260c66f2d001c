<?php

declare(strict_types=1);

namespace App\Actions\Specification;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\SpecificationRevision;
use App\Models\People\Person;
use App\Support\Clock;
use App\Support\Refused;

/** Begins the next revision as a copy of the last one. */
final readonly class StartRevision
{
    public function __construct(private Recording $recording, private Clock $clock)
    {
    }

    public function __invoke(Person $by, Build $build): SpecificationRevision
    {
        return $this->recording->keep(function () use ($by, $build): SpecificationRevision {
            if ($build->status !== BuildStatus::Open) {
                throw Refused::because("{$build->name()} is finished or called off; its specification stays as it is.");
            }
            $last = $build->revisions()->reorder('number', 'desc')->firstOrFail();
            if (! $last->isReleased()) {
                throw Refused::because("Revision {$last->number} is not released yet; write in that one.");
            }
            $next = $build->revisions()->create(
                [
                    'number' => $last->number + 1, 'client' => $last->client, 'house' => $last->house,
                    'person_id' => $by->id, 'at' => $this->clock->now(),
                ],
            );
            $this->recording->log($build, $by, 'specification', "Specification revision {$next->number} begun.");

            return $next->refresh();
        });
    }
}
