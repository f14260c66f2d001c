<?php

declare(strict_types=1);

namespace App\Actions\Commission;

use App\Actions\Recording;
use App\Actions\Route\KeepPattern;
use App\Models\Build\Build;
use App\Models\House\RoutePattern;
use App\Models\People\Person;
use App\Planning\Route\Routes;

/** An instrument is made once more: what was changed about the route of the first one is taken over. */
final readonly class BuildAgain
{
    public function __construct(private Recording $recording, private TakeCommission $take, private KeepPattern $patterns)
    {
    }

    /** @return array{Build, list<string>} and what of the old route has no place on the new one */
    public function __invoke(Person $by, Commission $commission, Build $first): array
    {
        return $this->recording->keep(function () use ($by, $commission, $first): array {
            $build = ($this->take)($by, $commission);
            $build->update(['repeats_id' => $first->id]);
            $this->recording->log($build, $by, 'commission', "Made once more after No. {$first->number} {$first->title}.");
            $changes = array_values(Routes::kept($first));
            if ($first->methods === [] && $changes === []) {
                return [$build, []];
            }
            $order = (new RoutePattern)->forceFill(['name' => "of No. {$first->number}", 'methods' => $first->methods, 'changes' => $changes]);

            return [$build, $this->patterns->use($by, $build, $build->refresh()->route_version, $order)];
        });
    }
}
