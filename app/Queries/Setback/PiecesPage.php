<?php

declare(strict_types=1);

namespace App\Queries\Setback;

use App\Actions\Plan\Changes\Choices;
use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Models\Setback\MadePiece;
use App\Models\Setback\PieceState;
use App\Pages\Setback\PieceLine;
use App\Pages\Setback\PiecesProps;
use App\Pages\Shop\Option;
use App\Planning\House\House;
use App\Planning\Pieces\PieceFits;
use App\Planning\Pieces\RouteSoFar;
use App\Planning\Specification\Revisions;
use Illuminate\Database\Eloquent\Collection;
use Regimen\Inspection\AsMeasured;
use Regimen\Setback\PieceKind;
use Regimen\Setback\Step;
use Regimen\Setback\Thing;
use Regimen\Units\Words;

/** Pieces in stock, and where those are that have left the instrument they were made for. */
final readonly class PiecesPage
{
    private const ELSEWHERE = 40;

    public function __construct(private House $house, private RouteSoFar $routes, private PieceFits $fits, private Choices $choices)
    {
    }

    public function data(Person $viewer): PiecesProps
    {
        $pieces = MadePiece::query()->with(['madeFor', 'build', 'revision'])->orderByDesc('id')->get();
        $stock = $pieces->where('state', PieceState::InStock);
        $open = $stock->isEmpty() ? new Collection : Build::query()->open()->with(['specification', 'measurements'])->orderBy('number')->get();
        $routes = $stock->isEmpty() ? [] : $this->routes->ofOpenBuilds();

        return new PiecesProps(
            headline: match ($stock->count()) {
                0 => 'No piece lies in stock', 1 => 'One piece lies in stock', default => "{$stock->count()} pieces lie in stock",
            },
            stock: array_values($stock->map(fn (MadePiece $one): PieceLine => $this->line($one, $viewer, $open, $routes))->all()),
            elsewhere: array_values($pieces->where('state', '!=', PieceState::InStock)->take(self::ELSEWHERE)->map(fn (MadePiece $one): PieceLine => $this->line($one, $viewer, new Collection, []))->all()),
            builds: $viewer->isManager() ? $this->choices->builds() : [],
            kinds: array_map(static fn (PieceKind $one): Option => new Option($one->value, $one->value), PieceKind::cases()),
        );
    }

    /**
     * @param  Collection<int, Build>  $open
     * @param  array<int, list<Step>>  $routes
     */
    private function line(MadePiece $piece, Person $viewer, Collection $open, array $routes): PieceLine
    {
        $minutes = (int) TimeEntry::query()->where('piece_id', $piece->id)->whereNull('struck_at')->sum('minutes');
        $labour = (int) round((float) TimeEntry::query()->where('piece_id', $piece->id)->whereNull('struck_at')->selectRaw('sum(minutes * rate_minor / 60.0) as money')->value('money'));
        $timber = KitLine::query()->where('piece_id', $piece->id)->get()->sum(static fn (KitLine $line): int => $line->costMinor());
        [$fits, $not] = $this->places($piece, $open, $routes);

        return new PieceLine(
            id: $piece->id, version: $piece->version, name: $piece->name(), madeFor: $piece->madeFor->number, size: self::size($piece),
            done: $piece->done === [] ? 'nothing on it counts any more' : implode(', ', array_map(static fn (array $one): string => (string) $one['name'], array_values($piece->done))),
            minutes: $minutes, money: $viewer->isManager() && $labour + $timber > 0 ? $this->house->money($labour + $timber)->plain() : null, place: $piece->place,
            state: $piece->state->value, build: $piece->build?->number,
            measured: array_map(static fn (string $field, string $value): string => lcfirst(AsMeasured::label($field))." {$value}", array_keys($piece->measured), $piece->measured),
            fits: $fits, not: $not, at: $piece->at->toIso8601ZuluString(),
        );
    }

    /**
     * @param  Collection<int, Build>  $open
     * @param  array<int, list<Step>>  $routes
     * @return array{list<Option>, list<string>}
     */
    private function places(MadePiece $piece, Collection $open, array $routes): array
    {
        $fits = $not = [];
        foreach ($open as $build) {
            $there = Thing::of($piece->kind, $routes[$build->id] ?? []);
            if ($there->isBegun() || $there->own() === []) {
                continue;
            }
            $fitting = $this->fits->ofStock($piece, $build, $routes[$build->id] ?? []);
            if ($fitting->fits()) {
                $fits[] = new Option((string) $build->number, "{$build->name()}".($fitting->differs() === [] ? '' : ': '.implode('; ', $fitting->differs())));
            } else {
                $not[] = "{$build->number}: {$fitting->cannot()[0]}";
            }
        }

        return [$fits, $not];
    }

    private static function size(MadePiece $piece): string
    {
        $read = Revisions::read($piece->revision);
        $s = $read->specification;
        $drawn = static fn (string $field): string => AsMeasured::drawn($field, $read);
        if ($s === null) {
            return '';
        }
        $hand = $s->brief->hand->words();

        return match ($piece->kind) {
            PieceKind::Neck => "{$s->neck->neckTimber->name}, scale {$drawn('scale')}, nut {$drawn('nutWidth')}, {$hand}-handed",
            PieceKind::Fretboard => "{$s->board->boardTimber->name}, scale {$drawn('scale')}, ".($piece->good_to_fret === null ? "{$s->board->frets} frets" : "good to fret {$piece->good_to_fret} of {$s->board->frets}").", nut {$drawn('nutWidth')}",
            PieceKind::Body => implode(', ', array_map(static fn ($layer): string => $layer->timber->name, $s->bodywork->layers)).', '.Words::number($s->bodyThickness()->mm)." mm thick, {$hand}-handed",
            PieceKind::Top => "{$s->bodywork->layers[0]->timber->name}, ".Words::number($s->bodywork->layers[0]->thickness->mm).' mm thick',
        };
    }
}
