<?php

declare(strict_types=1);

namespace App\Actions\Work;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Support\Clock;

/** The last operation finishes the build. Runs inside an action's transaction. */
final readonly class Finishing
{
    public function __construct(private Recording $recording, private Clock $clock)
    {
    }

    public function ifLast(Build $build, Person $by): void
    {
        $now = $this->clock->now();
        if ($build->operations()->get()->every(static fn (Operation $operation): bool => $operation->isOver($now))) {
            $build->update(
                ['status' => BuildStatus::Finished, 'finished_at' => $now, 'version' => $build->version + 1],
            );
            $this->recording->log($build, $by, 'finished', 'Handed over: the build is finished.');
        }
    }
}
