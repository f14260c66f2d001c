<?php

declare(strict_types=1);

namespace App\Planning\Setback;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\KitLine;
use App\Models\Setback\MadePiece;
use App\Models\Setback\PieceState;
use App\Models\Setback\Setback;
use App\Planning\Pieces\PieceFits;
use App\Planning\Pieces\PieceRecords;
use App\Planning\Pieces\RouteSoFar;
use App\Support\Say;
use Illuminate\Support\Collection;
use Regimen\Setback\Fitting;
use Regimen\Setback\Mend;
use Regimen\Setback\Mends;
use Regimen\Setback\Mishap;
use Regimen\Setback\Remedy;
use Regimen\Setback\RemedyKind;
use Regimen\Setback\Step;
use Regimen\Setback\Thing;
use Regimen\Units\Duration;

/** What can be done about a setback, from how far the instrument is and what else the shop has. */
final readonly class Remedies
{
    /** Pieces that do not fit are named so that nobody looks for them, but not all of them. */
    private const MOST_THAT_DO_NOT_FIT = 2;

    private const MOST_THAT_FIT = 3;

    public function __construct(private RouteSoFar $routes, private PieceFits $fits, private WithWhatIsLeft $left)
    {
    }

    /** @return list<Remedy> the least work first, within each kind */
    public function for(Setback $setback): array
    {
        return array_merge(...array_map(fn (RemedyKind $kind): array => $this->of($setback, $kind), RemedyKind::cases()));
    }

    public function find(Setback $setback, RemedyKind $kind, string $option): ?Remedy
    {
        foreach ($this->of($setback, $kind) as $one) {
            if ($one->option === $option) {
                return $one;
            }
        }

        return null;
    }

    /** @return list<Remedy> of one kind */
    private function of(Setback $setback, RemedyKind $kind): array
    {
        if ($setback->mishap->isDelay()) {
            return $kind === RemedyKind::Wait ? [new Remedy(RemedyKind::Wait, '', self::waiting($setback), Duration::zero())] : [];
        }
        $build = $setback->build;

        return match ($kind) {
            RemedyKind::Mend => self::mends($setback),
            RemedyKind::Again => $this->again($build, $this->thing($setback)),
            RemedyKind::FromStock => $this->stock($build, $this->thing($setback)),
            RemedyKind::FromBuild => $this->builds($build, $this->thing($setback)),
            RemedyKind::TakeWhatIsLeft => $this->left->offers($setback),
            RemedyKind::Keep => [new Remedy($kind, '', 'leave it as it is', Duration::zero(), shows: ['it stays as it is'])],
            RemedyKind::WriteOff => [new Remedy($kind, '', 'write the instrument off', Duration::zero(), shows: ['there will be no such instrument'])],
            RemedyKind::Wait => [],
        };
    }

    /** The piece that it happened to, with what is glued to it. */
    public function thing(Setback $setback): ?Thing
    {
        return $setback->piece === null ? null : $this->routes->thing($setback->build, $setback->piece);
    }

    /** @return array<int|string, Mend> by option */
    public static function mendsOf(Setback $setback): array
    {
        $mends = [];
        foreach ($setback->piece === null ? [] : Mends::for($setback->mishap, $setback->piece) as $number => $mend) {
            $mends[$number] = $mend;
        }

        return $mends;
    }

    private static function waiting(Setback $setback): string
    {
        return match ($setback->mishap) {
            Mishap::MachineDown => "plan without the {$setback->resource?->name} until then",
            Mishap::Ill => "plan without {$setback->worker?->name} until then",
            default => 'wait for other air',
        };
    }

    /** @return list<Remedy> */
    private static function mends(Setback $setback): array
    {
        $remedies = [];
        foreach (self::mendsOf($setback) as $option => $mend) {
            $remedies[] = new Remedy(RemedyKind::Mend, (string) $option, $mend->name, $mend->labour(), shows: $mend->shows === '' ? [] : [$mend->shows]);
        }

        return $remedies;
    }

    /** @return list<Remedy> */
    private function again(Build $build, ?Thing $thing): array
    {
        if ($thing === null || ! $thing->isBegun()) {
            return [];
        }
        $kit = PieceRecords::kit($build, $thing);
        $parts = $kit->map(static fn (KitLine $line): string => "{$line->name} ".(
            $line->lead_days === 0 ? 'from the shelf' : Say::count($line->lead_days, 'day').' from the order'
        ))->values()->all();

        return [new Remedy(RemedyKind::Again, '', 'a new '.substr($thing->words(), 4), $thing->workAgain(), array_values($parts), self::cost($kit))];
    }

    /** @return list<Remedy> */
    private function stock(Build $build, ?Thing $thing): array
    {
        $remedies = [];
        $pieces = $thing === null ? collect() : MadePiece::query()->with(['madeFor', 'revision'])->where('state', PieceState::InStock->value)->orderBy('id')->get();
        foreach ($pieces->filter(static fn (MadePiece $one): bool => self::isSame($one->kinds, $thing)) as $piece) {
            $left = array_filter($thing?->again() ?? [], static fn (Step $step): bool => ! isset($piece->done[$step->key]));
            $remedies[] = self::taken(
                RemedyKind::FromStock, (string) $piece->id, "the {$piece->kind->value} P{$piece->id}, made for {$piece->madeFor->number}", $left, $this->fits->ofStock($piece, $build), [], 0,
            );
        }

        return self::best($remedies);
    }

    /** @return list<Remedy> */
    private function builds(Build $build, ?Thing $thing): array
    {
        if ($thing === null) {
            return [];
        }
        $remedies = [];
        $routes = $this->routes->ofOpenBuilds();
        foreach (Build::query()->with(['specification', 'measurements'])->where('status', BuildStatus::Open->value)->whereKeyNot($build->id)->orderBy('number')->get() as $other) {
            $there = Thing::of($thing->kinds[0], $routes[$other->id] ?? []);
            if (! $there->isBegun() || ! self::isSame($there->kinds, $thing)) {
                continue;
            }
            $done = array_map(static fn (Step $step): string => $step->key, $there->begun());
            $left = array_filter($thing->again(), static fn (Step $step): bool => ! in_array($step->key, $done, true));
            $kit = PieceRecords::kit($other, $there);
            $needs = $kit->map(static fn (KitLine $line): string => "{$line->name}, again for {$other->number}")->values()->all();
            $remedies[] = self::taken(
                RemedyKind::FromBuild, (string) $other->number, "the {$thing->kinds[0]->value} of {$other->number}", $left,
                $this->fits->ofBuild($other, $there, $build, $routes[$build->id] ?? null), array_values($needs), self::cost($kit),
            );
        }

        return self::best($remedies);
    }

    /** @param  Collection<int, KitLine>  $lines */
    private static function cost(Collection $lines): int
    {
        return (int) $lines->sum(static fn (KitLine $line): int => $line->costMinor());
    }

    /**
     * @param  array<Step>  $left  to be done on it still that was done on the old one
     * @param  list<string>  $parts
     */
    private static function taken(RemedyKind $kind, string $option, string $name, array $left, Fitting $fit, array $parts, int $cost): Remedy
    {
        $work = array_reduce($left, static fn (Duration $sum, Step $step): Duration => $sum->plus($step->work), Duration::zero());

        return new Remedy($kind, $option, $name, $work, $parts, $cost, $fit->cannot(), $fit->differs());
    }

    /** @param  list<\Regimen\Setback\PieceKind>  $kinds */
    private static function isSame(array $kinds, ?Thing $thing): bool
    {
        return $thing !== null && count($kinds) === count($thing->kinds) && array_filter($kinds, $thing->has(...)) === $kinds;
    }

    /**
     * @param  list<Remedy>  $remedies
     * @return list<Remedy> those that fit, the least work first; then a few that do not
     */
    private static function best(array $remedies): array
    {
        $fit = array_values(array_filter($remedies, static fn (Remedy $one): bool => $one->canBeChosen()));
        $not = array_values(array_filter($remedies, static fn (Remedy $one): bool => ! $one->canBeChosen()));
        usort($fit, static fn (Remedy $a, Remedy $b): int => [count($a->shows), $a->labour->minutes] <=> [count($b->shows), $b->labour->minutes]);
        usort($not, static fn (Remedy $a, Remedy $b): int => count($a->cannot) <=> count($b->cannot));

        return [...array_slice($fit, 0, self::MOST_THAT_FIT), ...array_slice($not, 0, self::MOST_THAT_DO_NOT_FIT)];
    }
}
