<?php

declare(strict_types=1);

namespace App\Planning\Pieces;

use App\Models\Build\Build;
use App\Models\Setback\MadePiece;
use App\Planning\House\House;
use App\Planning\Specification\AsMade;
use Regimen\Inspection\AsMeasured;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Setback\FitLine;
use Regimen\Setback\Fits;
use Regimen\Setback\Fitting;
use Regimen\Setback\PieceKind;
use Regimen\Setback\Step;
use Regimen\Setback\Thing;

/** Whether a piece fits an instrument, each as it is: drawn, with what was measured in its place. */
final readonly class PieceFits
{
    public function __construct(private House $house, private RouteSoFar $routes)
    {
    }

    /** @param  list<Step>|null  $route  of the instrument that it is to go into, where it is known already */
    public function ofStock(MadePiece $piece, Build $here, ?array $route = null): Fitting
    {
        $revision = $piece->revision;
        $there = AsMeasured::read($revision->client, $revision->house, $piece->measured);
        $fitting = $this->judge($here, $there, $piece->kinds, array_keys($piece->done), $route);
        $frets = AsMade::read($here, [])->specification->board->frets ?? 0;
        if ($piece->good_to_fret !== null && $frets > $piece->good_to_fret) {
            return new Fitting([...$fitting->lines, new FitLine('Frets', (string) $frets, "good to fret {$piece->good_to_fret}", false, '')]);
        }

        return $fitting;
    }

    /** @param  list<Step>|null  $route  of the instrument that it is to go into, where it is known already */
    public function ofBuild(Build $there, Thing $thing, Build $here, ?array $route = null): Fitting
    {
        return $this->judge(
            $here, AsMade::read($there, AsMade::measured($there)), $thing->kinds, array_map(static fn (Step $step): string => $step->key, $thing->begun()), $route,
        );
    }

    /**
     * @param  list<PieceKind>  $kinds
     * @param  list<string>  $done
     * @param  list<Step>|null  $route
     */
    private function judge(Build $here, ReadSpecification $there, array $kinds, array $done, ?array $route): Fitting
    {
        $doneHere = array_map(
            static fn (Step $step): string => $step->key, array_filter($route ?? $this->routes->of($here), static fn (Step $step): bool => $step->isBegun()),
        );
        $tolerances = $this->house->rules()->tolerances;

        return (new Fits(AsMade::read($here, AsMade::measured($here)), $there, $done, array_values($doneHere), $tolerances))->judge($kinds);
    }
}
