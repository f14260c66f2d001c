<?php

declare(strict_types=1);

namespace App\Planning\Problem;

use Regimen\Route\Standards\Piece;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\PieceId;

/** What an operation occupies: a station, a fixture, and the pieces it works on. */
final class Demands
{
    /** @return array<string, int> the pieces of a build as resources: each is in one place at a time */
    public static function pieces(int $build): array
    {
        return array_fill_keys(
            array_map(static fn (Piece $piece): string => self::piece($build, $piece), Piece::cases()),
            1,
        );
    }

    /**
     * @param  list<Piece>  $pieces
     * @return list<Demand>
     */
    public static function of(int $build, array $pieces, ?string $station, ?string $fixture, int $fixtures): array
    {
        return array_values(array_filter([
            ...array_map(
                static fn (Piece $piece): Demand => new Demand(self::piece($build, $piece), 1, throughHold: true),
                $pieces,
            ),
            $station === null ? null : new Demand($station),
            $fixture === null ? null : new Demand($fixture, $fixtures, throughHold: true),
        ]));
    }

    private static function piece(int $build, Piece $piece): string
    {
        return PieceId::of($build, $piece->value)->text;
    }
}
