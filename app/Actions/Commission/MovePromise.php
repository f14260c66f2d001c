<?php

declare(strict_types=1);

namespace App\Actions\Commission;

use App\Models\Build\Build;
use App\Models\People\Person;
use App\Planning\Plan\Planner;
use App\Support\Logbook;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Support\Facades\DB;
use Regimen\Schedule\Problem\Promise;

/** A promise is given or moved, with the reason that the client was told. */
final readonly class MovePromise
{
    public function __construct(private Planner $planner, private Logbook $logbook)
    {
    }

    public function __invoke(
        Person $by,
        Build $build,
        int $version,
        string $promisedOn,
        ?Promise $kind,
        string $because,
    ): void {
        DB::transaction(function () use ($by, $build, $version, $promisedOn, $kind, $because): void {
            $build->refresh();
            Refused::ifStale($build->version, $version, $build->name());
            $from = $build->promised_on === null
                ? 'Promised for '
                : 'Promise moved from '.Say::day($build->promised_on).' to ';
            $kind ??= $build->promise_kind;
            $firmness = $kind === $build->promise_kind
                ? ''
                : ", {$kind->value} instead of {$build->promise_kind->value}";
            $build->update(['promised_on' => $promisedOn, 'promise_kind' => $kind, 'version' => $build->version + 1]);
            $this->logbook->write($build, $by, 'promise', $from.Say::day($promisedOn).$firmness.": {$because}");
            $this->planner->replan("promise of {$build->number} moved");
        });
    }
}
