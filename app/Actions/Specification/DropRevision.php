<?php

declare(strict_types=1);

namespace App\Actions\Specification;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\People\Person;
use App\Support\Refused;

/** Gives up a revision that was begun and never released; what it held is written into the logbook. */
final readonly class DropRevision
{
    public function __construct(private Recording $recording)
    {
    }

    public function __invoke(Person $by, Build $build, int $version): void
    {
        $this->recording->keep(function () use ($by, $build, $version): void {
            $revision = SaveSpecification::draftOf($build, $version);
            if ($revision->number === 1) {
                throw Refused::because('A build keeps its first revision. Call the build off instead.');
            }
            $this->recording->log(
                $build,
                $by,
                'specification',
                "Specification revision {$revision->number} discarded. It said: "
                    .json_encode($revision->client, JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR),
            );
            $revision->delete();
        });
    }
}
