<?php

declare(strict_types=1);

namespace App\Actions\Specification;

use App\Actions\Recording;
use App\Models\Build\AcceptedFinding;
use App\Models\Build\Build;
use App\Models\People\Person;
use App\Planning\Route\Routes;
use App\Planning\Specification\Judgement;
use App\Planning\Specification\Revisions;
use App\Support\Clock;
use App\Support\Refused;

/** A finding is accepted with a written reason. It holds as long as its figures stay the same. */
final readonly class AcceptFinding
{
    public function __construct(
        private Recording $recording,
        private Revisions $revisions,
        private Routes $routes,
        private Clock $clock,
    ) {
    }

    public function __invoke(Person $by, Build $build, int $version, string $key, string $reason): void
    {
        $this->recording->keep(function () use ($by, $build, $version, $key, $reason): void {
            $revision = SaveSpecification::draftOf($build, $version);
            $workings = $this->revisions->workings(Revisions::read($revision), $build);
            $finding = Judgement::judge(
                $build, $workings, $this->routes->findings($workings->specification, $build),
            )->find($key);
            if ($finding === null) {
                throw Refused::because(
                    'The saved specification has no such finding. Save what you have written first.',
                    'accept',
                );
            }
            AcceptedFinding::query()->create([
                'build_id' => $build->id, 'revision' => $revision->number, 'key' => $finding->key,
                'title' => $finding->title, 'figures' => $finding->figures,
                'reason' => $reason, 'person_id' => $by->id, 'at' => $this->clock->now(),
            ]);
            $this->recording->log(
                $build, $by, 'specification', "Accepted: {$finding->title}. {$finding->figures} Reason: {$reason}",
            );
        });
    }
}
