<?php

declare(strict_types=1);

namespace App\Actions\Specification;

use App\Models\Build\Build;
use App\Models\People\Person;
use App\Support\Logbook;
use App\Support\Refused;
use Illuminate\Support\Facades\DB;

/** Gives up a revision that was begun and never released; what it held is written into the logbook. */
final readonly class DropRevision
{
    public function __construct(private Logbook $logbook)
    {
    }

    public function __invoke(Person $by, Build $build, int $version): void
    {
        DB::transaction(function () use ($by, $build, $version): void {
            $revision = SaveSpecification::draftOf($build, $version);
            if ($revision->number === 1) {
                throw Refused::because('A build keeps its first revision. Call the build off instead.');
            }
            $this->logbook->write(
                $build,
                $by,
                'specification',
                "Specification revision {$revision->number} given up. It said: "
                    .json_encode($revision->client, JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR),
            );
            $revision->delete();
        });
    }
}
