<?php

declare(strict_types=1);

namespace App\Queries\Setback;

use App\Models\Build\Build;
use App\Models\People\Person;
use App\Models\Setback\MadePiece;
use App\Models\Setback\PieceState;
use App\Models\Setback\Setback;
use App\Pages\Setback\BuildPiece;
use App\Pages\Setback\SetbackLine;
use App\Planning\House\House;
use App\Planning\Pieces\RouteSoFar;
use Regimen\Setback\PieceKind;
use Regimen\Setback\Step;
use Regimen\Setback\Thing;

/** What went wrong on one build, and its pieces. */
final readonly class BuildSetbacks
{
    public function __construct(private House $house, private RouteSoFar $routes)
    {
    }

    /** @return list<SetbackLine> the latest first */
    public function ofBuild(Build $build, Person $viewer): array
    {
        $all = Setback::query()->with(['person:id,name', 'operation:id,name'])->where('build_id', $build->id)->orderByDesc('id')->get();
        $losses = $all->isEmpty() ? [] : Losses::bySetback($build);

        return array_values($all->map(function (Setback $one) use ($build, $losses, $viewer): SetbackLine {
            $money = ($losses[$one->id]['labour'] ?? 0) + $one->lost_material_minor;

            return new SetbackLine(
                id: $one->id, build: $build->number, title: $build->title, text: $one->text,
                where: implode(', ', array_filter([$one->operation->name ?? '', $one->piece->value ?? ''])), state: $one->state->value, decided: $one->remedy_words,
                minutes: $losses[$one->id]['minutes'] ?? 0, money: $viewer->isManager() && $money > 0 ? $this->house->money($money)->plain() : null,
                by: $one->person->name, at: $one->at->toIso8601ZuluString(),
            );
        })->all());
    }

    /**
     * @param  Build  $build  with its operations, what was worked on them and their running clocks
     * @return list<BuildPiece> those on which there is something to do
     */
    public function pieces(Build $build): array
    {
        $route = $this->routes->from($build->operations->toBase());
        $used = MadePiece::query()->with('madeFor')->where('build_id', $build->id)->where('state', PieceState::Used->value)->get();
        $pieces = [];
        foreach (PieceKind::cases() as $kind) {
            $thing = Thing::of($kind, $route);
            $own = array_filter($thing->own(), static fn (Step $step): bool => $step->touches($kind));
            if ($own === []) {
                continue;
            }
            $begun = array_filter($own, static fn (Step $step): bool => $step->isBegun());
            $from = $used->first(static fn (MadePiece $one): bool => in_array($kind, $one->kinds, true));
            $pieces[] = new BuildPiece(
                kind: $kind->value, words: $thing->words(), from: $from === null ? '' : "made for {$from->madeFor->number}, came as P{$from->id}",
                done: count($begun), all: count($own), minutes: array_sum(array_map(static fn (Step $step): int => $step->worked->minutes, $begun)), joined: $thing->joined(),
            );
        }

        return $pieces;
    }
}
