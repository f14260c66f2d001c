<?php

declare(strict_types=1);

namespace App\Actions\Specification;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Build\SpecificationRevision;
use App\Models\Client\Approval;
use App\Models\Client\ChangeOrder;
use App\Models\Client\QuoteState;
use App\Models\People\Person;
use App\Planning\Route\Drafting;
use App\Planning\Route\Routes;
use App\Planning\Route\RouteSync;
use App\Planning\Specification\Judgement;
use App\Planning\Specification\Revisions;
use App\Support\Clock;
use App\Support\Refused;
use Regimen\Findings\Finding;

/**
 * Releases a specification to the bench: no open stop may be left. From then on it is never edited, and the route
 * follows it.
 */
final readonly class ReleaseSpecification
{
    public function __construct(
        private Recording $recording,
        private Revisions $revisions,
        private Routes $routes,
        private Drafting $drafting,
        private RouteSync $sync,
        private Clock $clock,
    ) {
    }

    public function __invoke(Person $by, Build $build, int $version): void
    {
        $this->recording->keep(function () use ($by, $build, $version): void {
            $revision = SaveSpecification::draftOf($build, $version);
            $this->mustBeAgreed($build, $revision);
            $read = Revisions::read($revision);
            $judgement = Judgement::judge(
                $build, $this->revisions->workings($read, $build), $this->routes->findings($read->orFail(), $build),
            );
            $stops = $judgement->openStops();
            if ($stops !== []) {
                throw Refused::because(
                    'It cannot be released: '
                        .implode('; ', array_map(static fn (Finding $stop): string => lcfirst($stop->title), $stops))
                        .'. Fix it, or accept it with a reason.',
                    'release',
                );
            }
            $revision->update(
                ['released_at' => $this->clock->now(), 'released_by' => $by->id, 'version' => $revision->version + 1],
            );
            $useless = $revision->number === 1
                ? []
                : $this->sync->apply($build, $this->drafting->draft($read->orFail(), $build));
            $this->recording->log(
                $build,
                $by,
                'specification',
                trim("Specification revision {$revision->number} released to the bench. ".implode(' ', $useless)),
            );
            if ($revision->number > 1) {
                $this->recording->planAnew("revision {$revision->number} of {$build->number} released");
            }
        });
    }

    /** What a client has approved is changed by a change order alone. */
    private function mustBeAgreed(Build $build, SpecificationRevision $revision): void
    {
        $approved = Approval::query()->where('build_id', $build->id)->max('revision');
        $isAgreed = ChangeOrder::query()->where('build_id', $build->id)->where('revision', $revision->number)->where('state', QuoteState::Accepted->value)->exists();
        if ($approved !== null && ! $isAgreed) {
            throw Refused::because("The client approved revision {$approved}. What is different since is a change order: offer it under *For the client*, and it is released once they accept it.", 'release');
        }
    }
}
