<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Models\Build\Operation;
use App\Pages\Gate\Changed;
use App\Pages\Worked\ShownFinding;
use App\Planning\Specification\AsMade;
use App\Planning\Specification\Revisions;
use App\Queries\Specification\WorkedOut;
use Regimen\Findings\Finding;
use Regimen\Inspection\AsMeasured;
use Regimen\Inspection\Readings\GateSheet;

/** What a gate’s readings change of what follows, before anything is cut by them. */
final readonly class GateChanges
{
    private const MOST_CHANGED = 8;

    public function __construct(private AsMade $asMade, private Revisions $revisions)
    {
    }

    /**
     * What the readings so far change of what follows, before the gate is closed.
     *
     * @return array{list<Changed>, list<ShownFinding>}
     */
    public function of(Operation $operation, GateSheet $sheet): array
    {
        $build = $operation->build;
        $says = $operation->gate_closed_at === null ? $this->asMade->says($operation, $sheet) : [];
        if ($says === []) {
            return [[], []];
        }
        $before = AsMade::measured($build);
        $drawn = $this->revisions->workings(AsMade::read($build, $before), $build);
        $made = $this->revisions->workings(AsMade::read($build, [...$before, ...$says]), $build);
        $revision = $build->specification;
        $judged = AsMeasured::judge($revision->client, $revision->house, [...$before, ...$says]);
        $known = $before === [] ? [] : array_map(static fn (Finding $one): string => $one->key, AsMeasured::judge($revision->client, $revision->house, $before)->new);

        return [
            array_slice(array_map(
                static fn (array $pair): Changed => new Changed(name: $pair[0]->name, drawn: $pair[0]->withUnit(), measured: $pair[1]->withUnit()),
                AsMeasured::figures($drawn, $made),
            ), 0, self::MOST_CHANGED),
            array_values(array_map(
                static fn (Finding $one): ShownFinding => WorkedOut::finding($one),
                array_filter($judged->new, static fn (Finding $one): bool => ! in_array($one->key, $known, true)),
            )),
        ];
    }
}
