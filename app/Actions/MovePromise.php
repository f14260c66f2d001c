<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Build;
use App\Models\Person;
use App\Planning\Planner;
use App\Support\Logbook;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Support\Facades\DB;

/** A promise is given or moved, with the reason that the client was told. */
final readonly class MovePromise
{
    public function __construct(private Planner $planner, private Logbook $logbook)
    {
    }

    public function __invoke(Person $by, Build $build, int $version, string $promisedOn, string $because): void
    {
        DB::transaction(function () use ($by, $build, $version, $promisedOn, $because): void {
            $build->refresh();
            Refused::ifStale($build->version, $version, $build->name());
            $from = $build->promised_on === null ? 'Promised for ' : 'Promise moved from '.Say::day($build->promised_on).' to ';
            $build->update(['promised_on' => $promisedOn, 'version' => $build->version + 1]);
            $this->logbook->write($build, $by, 'promise', $from.Say::day($promisedOn).": {$because}");
            $this->planner->replan("promise of {$build->number} moved");
        });
    }
}
