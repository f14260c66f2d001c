<?php

declare(strict_types=1);

namespace App\Actions\Commission;

use App\Actions\Plan\Changes\Kinds\GivePromise;
use App\Actions\Plan\MakeChange;
use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\People\Person;
use App\Support\Refused;
use Regimen\Schedule\Problem\Promise;

/** A promise is given or moved on the build's sheet, as it was seen there: the same change as on the horizon. */
final readonly class MovePromise
{
    public function __construct(private Recording $recording, private MakeChange $makeChange)
    {
    }

    /** @param  string  $because  the reason that the client was told */
    public function __invoke(
        Person $by,
        Build $build,
        int $version,
        string $promisedOn,
        ?Promise $kind,
        string $because,
    ): void {
        $this->recording->keep(function () use ($by, $build, $version, $promisedOn, $kind, $because): void {
            Refused::ifStale($build->version, $version, $build->name());
            $this->makeChange->make($by, [new GivePromise($build->number, $promisedOn, $kind, $because)]);
        });
    }
}
