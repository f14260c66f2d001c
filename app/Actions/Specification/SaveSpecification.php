<?php

declare(strict_types=1);

namespace App\Actions\Specification;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\SpecificationRevision;
use App\Models\People\Person;
use App\Planning\Route\Drafting;
use App\Planning\Route\RouteSync;
use App\Support\Clock;
use App\Support\Refused;
use Regimen\Instrument\Reading\SpecificationReader;

/**
 * Keeps what was written into the revision that is not released yet. Until the first revision is released, route, kit
 * and plan follow it; later ones change nothing in the shop before they are released.
 */
final readonly class SaveSpecification
{
    public function __construct(
        private Recording $recording,
        private Drafting $drafting,
        private RouteSync $sync,
        private Clock $clock,
    ) {
    }

    /**
     * @param  array<string, mixed>  $client  typed, by field
     * @param  array<string, mixed>|null  $house  when it comes from a file; the revision's own otherwise
     */
    public function __invoke(Person $by, Build $build, int $version, array $client, ?array $house = null): void
    {
        $this->recording->keep(function () use ($by, $build, $version, $client, $house): void {
            $revision = self::draftOf($build, $version);
            $house ??= $revision->house;
            $specification = SpecificationReader::read($client, $house)->orFail();
            $revision->update(
                [
                    'client' => $client, 'house' => $house, 'person_id' => $by->id, 'at' => $this->clock->now(),
                    'version' => $revision->version + 1,
                ],
            );
            if ($revision->number === 1) {
                $this->sync->apply($build, $this->drafting->draft($specification, $build));
                $this->recording->planAnew("specification of {$build->number} written");
            }
            $this->recording->log(
                $build,
                $by,
                'specification',
                "Specification revision {$revision->number} written: {$specification->inOneLine()}.",
            );
        });
    }

    /** The revision that can still be written, as it was seen. */
    public static function draftOf(Build $build, int $version): SpecificationRevision
    {
        $build->refresh();
        if ($build->status !== BuildStatus::Open) {
            throw Refused::because("{$build->name()} is finished or called off; its specification stays as it is.");
        }
        $revision = SpecificationRevision::query()->where('build_id', $build->id)->whereNull('released_at')->first();
        if ($revision === null) {
            throw Refused::because(
                'The specification is released, and a released revision is never edited. Begin a new revision.',
            );
        }
        Refused::ifStale($revision->version, $version, "The specification of {$build->name()}");

        return $revision;
    }
}
