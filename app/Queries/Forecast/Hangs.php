<?php

declare(strict_types=1);

namespace App\Queries\Forecast;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\Forecast\BuildForecast;
use App\Models\People\Person;
use App\Pages\Forecast\HangLine;
use App\Queries\House\ResourceNames;
use Illuminate\Support\Collection;
use Regimen\Forecast\Simulation\HangKind;
use Regimen\Schedule\Problem\ActivityId;

/** What a finish hangs on, in words: what decides it often, and of operations those whose length it really follows. */
final readonly class Hangs
{
    private const MOST = 7;

    /** What lies on the deciding chain less often is not told. */
    private const OFTEN = 0.08;

    public function __construct(private ResourceNames $resources)
    {
    }

    /** @return list<HangLine> */
    public function lines(BuildForecast $own, Build $build): array
    {
        $often = self::often($own, self::MOST);
        $operations = self::operations([$own->build_id => $often]);
        $people = Person::query()->pluck('name', 'id');
        $lines = [];
        foreach ($often as $one) {
            $line = $this->line($one, $build, $operations, $people);
            $line === null || $lines[] = $line;
        }

        return $lines;
    }

    /**
     * What each build hangs on most, in a few words.
     *
     * @param  array<int, BuildForecast>  $all  with their builds
     * @return array<int, string> by build
     */
    public function firsts(array $all): array
    {
        $often = [];
        foreach ($all as $own) {
            $often[$own->build_id] = self::often($own, 2);
        }
        $operations = self::operations($often);
        $people = Person::query()->pluck('name', 'id');
        $firsts = [];
        foreach ($all as $own) {
            $words = [];
            foreach ($often[$own->build_id] as $one) {
                $line = $this->line($one, $own->build, $operations, $people);
                $line === null || $words[] = "{$line->words} ({$line->percent} %)";
            }
            $firsts[$own->build_id] = implode(', ', $words);
        }

        return $firsts;
    }

    /** @return list<array{kind: string, key: string, share: float, cruciality: float|null}> the most telling first, as they are kept */
    private static function often(BuildForecast $own, int $most): array
    {
        $often = array_filter($own->hangs, static fn (array $one): bool => $one['share'] >= self::OFTEN && ! ($one['kind'] === HangKind::Place->value && str_contains($one['key'], ':')));

        return array_slice(array_values($often), 0, $most);
    }

    /**
     * @param  array<int, list<array{kind: string, key: string, share: float, cruciality: float|null}>>  $often  by build
     * @return Collection<int, Operation>
     */
    private static function operations(array $often): Collection
    {
        $ids = [];
        foreach (array_merge([], ...array_values($often)) as $one) {
            $ids[] = $one['kind'] === HangKind::Operation->value ? ActivityId::operationOf((int) $one['key']) : null;
        }

        return Operation::query()->with('build:id,number,title')->whereKey(array_values(array_filter($ids)))->get()->keyBy('id')->toBase();
    }

    /**
     * @param  array{kind: string, key: string, share: float, cruciality: float|null}  $one
     * @param  Collection<int, Operation>  $operations
     * @param  Collection<int, string>  $people
     */
    private function line(array $one, Build $build, Collection $operations, Collection $people): ?HangLine
    {
        $percent = (int) round(100 * $one['share']);
        $in = "In {$percent} of 100 runs it lies on the chain that decides.";
        switch (HangKind::from($one['kind'])) {
            case HangKind::Operation:
                $operation = $operations->get((int) ActivityId::operationOf((int) $one['key']));
                if ($operation === null) {
                    return null;
                }
                $other = $operation->build_id === $build->id ? '' : "No. {$operation->build->number} ";

                return new HangLine(
                    $other.$operation->name, $operation->hold_minutes > $operation->workMinutes() ? 'hold' : 'labour', $percent,
                    route('builds.show', $operation->build->number).'#operation-'.$operation->id,
                    $in.($one['cruciality'] === null ? '' : ' The finish follows its length with a rank correlation of '.number_format($one['cruciality'], 2).'.'),
                );
            case HangKind::Person:
                return new HangLine($people->get((int) $one['key'], 'somebody').' is busy with other work', 'wait', $percent, route('people'), "In {$percent} of 100 runs it waits for them.");
            case HangKind::Place:
                $name = $this->resources->all()->get($one['key']);

                // That an instrument is one piece is no news.
                return $name === null ? null : new HangLine("the {$name} is taken", 'hold', $percent, route('plan.load'), $in);
            case HangKind::Part:
                return new HangLine($one['key'], 'wait', $percent, route('builds.show', $build->number).'#kit', $in);
        }
    }
}
