<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Actions\Plan\Changes\Changes;
use App\Models\Plan\Scenario;
use App\Pages\Later;
use App\Pages\Trying\Effect;
use App\Pages\Trying\ScenarioChange;
use App\Pages\Trying\ScenarioLine;
use App\Pages\Trying\ScenarioShown;
use App\Pages\Trying\TryProps;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Validation\ValidationException;

/** Scenarios: what is tried beside the plan, and what it would do. */
final readonly class TryPage
{
    public function __construct(
        private Changes $changes,
        private Difference $difference,
        private ChangeForms $forms,
    ) {
    }

    public function data(?Scenario $shown): TryProps
    {
        return new TryProps(
            scenarios: array_values(Scenario::query()
                ->where('state', 'open')
                ->orderBy('id')
                ->get()
                ->map(
                    static fn (Scenario $one): ScenarioLine => new ScenarioLine(
                        id: $one->id,
                        name: $one->name,
                        changes: count($one->changes),
                    ),
                )
                ->all()),
            shown: $shown === null ? null : new ScenarioShown(
                id: $shown->id,
                name: $shown->name,
                version: $shown->version,
                changes: $this->changes($shown),
            ),
            difference: $shown === null || $shown->changes === []
                ? null
                : new Later(fn (): Effect => $this->tried($shown)),
            forms: $this->forms->of(),
        );
    }

    /** @return list<ScenarioChange> */
    private function changes(Scenario $scenario): array
    {
        return array_map(function (array $body): ScenarioChange {
            try {
                $words = $this->changes->of($body)->words();
            } catch (ModelNotFoundException) {
                $words = 'Something that is not there any more; take it out.';
            }

            return new ScenarioChange((int) $body['id'], $words);
        }, $scenario->changes);
    }

    private function tried(Scenario $scenario): Effect
    {
        try {
            return $this->difference->of($this->changes->all($scenario->changes), withMoney: true);
        } catch (ValidationException|ModelNotFoundException $refused) {
            $why = $refused instanceof ValidationException
                ? $refused->getMessage()
                : 'One of the changes speaks of something that is not there any more.';

            return new Effect(
                words: [],
                headline: "It cannot be done any more: {$why}",
                builds: [],
                people: [],
                troubles: [],
            );
        }
    }
}
