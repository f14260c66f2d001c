<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\House\HouseModel;
use App\Models\House\Resource;
use App\Models\People\AwayKind;
use App\Models\People\Person;
use App\Models\Setback\MadePiece;
use App\Models\Setback\PieceState;
use App\Pages\Shop\Option;
use App\Support\Say;
use Illuminate\Support\Collection;
use Regimen\Costing\KitState;
use Regimen\Route\Standards\Skill;
use Regimen\Schedule\Problem\Promise;

/** What there is to choose from when something is tried or fixed; read once for each request. */
final class Choices
{
    /** @var array<string, list<Option>> */
    private array $read = [];

    /** @return list<Option> */
    public function people(): array
    {
        return $this->read['people'] ??= self::options(
            Person::query()->where('active', true)->orderBy('id')->get(),
            static fn (Person $one): Option => new Option((string) $one->id, $one->name),
        );
    }

    /** @return list<Option> */
    public function builds(): array
    {
        return $this->read['builds'] ??= self::options(
            Build::query()->open()->orderBy('number')->get(),
            static fn (Build $one): Option => new Option((string) $one->number, $one->name()),
        );
    }

    /** @return list<Option> */
    public function resources(): array
    {
        return $this->read['resources'] ??= self::options(
            Resource::query()->where('capacity', '>', 0)->orderBy('id')->get(),
            static fn (Resource $one): Option => new Option((string) $one->id, $one->name),
        );
    }

    /** @return list<Option> on order for what is in the making */
    public function parts(): array
    {
        return $this->read['parts'] ??= self::options(
            KitLine::query()
                ->with('build')
                ->where('state', KitState::Ordered->value)
                ->whereIn('build_id', Build::query()->open()->select('id'))
                ->orderBy('expected_on')
                ->get(),
            static fn (KitLine $one): Option => new Option(
                (string) $one->id,
                "{$one->build->number} {$one->name}, expected ".Say::day((string) $one->expected_on),
            ),
        );
    }

    /** @return list<Option> in the kits of what is in the making, unused */
    public function partsThere(): array
    {
        return $this->read['parts there'] ??= self::options(
            KitLine::query()->with('build')->where('state', KitState::Arrived->value)->where('used', 0)->where('written_off', 0)->where('surplus', false)
                ->where('lead_days', '>', 0)->whereIn('build_id', Build::query()->open()->select('id'))->orderBy('build_id')->orderBy('id')->get(),
            static fn (KitLine $one): Option => new Option((string) $one->id, "{$one->build->number} {$one->name}"),
        );
    }

    /** @return list<Option> in stock */
    public function pieces(): array
    {
        return $this->read['pieces'] ??= self::options(
            MadePiece::query()->with('madeFor')->where('state', PieceState::InStock->value)->orderBy('id')->get(),
            static fn (MadePiece $one): Option => new Option((string) $one->id, $one->name()),
        );
    }

    /** @return list<Option> */
    public function models(): array
    {
        return $this->read['models'] ??= self::options(
            HouseModel::query()->orderBy('name')->get(),
            static fn (HouseModel $one): Option => new Option((string) $one->id, $one->name),
        );
    }

    /** @return list<Option> */
    public static function away(): array
    {
        return AwayKind::choices();
    }

    /** @return list<Option> */
    public static function skills(): array
    {
        return array_map(static fn (Skill $one): Option => new Option($one->value, $one->value), Skill::cases());
    }

    /** @return list<Option> how firmly a date is given */
    public static function promises(): array
    {
        // The usual one first.
        return array_map(
            static fn (Promise $one): Option => new Option($one->value, $one->words()),
            [Promise::Promised, Promise::Immovable, Promise::Wished],
        );
    }

    /**
     * @template T
     *
     * @param  Collection<int, T>  $records
     * @param  callable(T): Option  $option
     * @return list<Option>
     */
    private static function options(Collection $records, callable $option): array
    {
        return array_values($records->map($option)->all());
    }
}
