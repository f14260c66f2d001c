<?php

declare(strict_types=1);

namespace App\Console\Benches;

use App\Console\Benches\Calm\HardShops;
use Illuminate\Console\Command;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Regimen\Geometry\Point;
use Regimen\Geometry\Polygon;
use Regimen\Schedule\Search\Improver;
use Regimen\Schedule\Solver\Budget;
use Regimen\Stores\Cutting\Area;
use Regimen\Stores\Cutting\CuttingPlan;
use Regimen\Stores\Cutting\Face;
use Regimen\Stores\Cutting\Outline;
use Regimen\Stores\Cutting\Wanted;

/** What a cutting plan costs beside planning the shop, and what more tries bring. */
final class CuttingBench
{
    private const TRIES = 100;

    private const BOARDS = 6;

    private const PIECES = 30;

    /** @param  callable(string): void  $line */
    public function run(callable $line): int
    {
        $problem = HardShops::drawn(12, 7);
        $plan = self::best(static fn () => Improver::improve($problem, new Budget(100)));
        [$faces, $wanted] = self::drawn();
        $first = self::best(static fn () => CuttingPlan::of($faces, $wanted, self::TRIES, 1));
        $line(sprintf('%d pieces on %d boards, %d tries: %.2f × ten plannings of 12 builds', self::PIECES, self::BOARDS, self::TRIES, $first / $plan / 10));
        foreach ([1, self::TRIES, 10 * self::TRIES, 50 * self::TRIES] as $tries) {
            $found = CuttingPlan::of($faces, $wanted, $tries, 1);
            $line(sprintf('%5d tries: %d of %d pieces laid, %.2f m² of the others without a place, offcut %.3f m²', $tries, count($found->laid), array_sum(array_map(static fn (Wanted $one): int => $one->pieces, $wanted)),
                array_sum(array_map(static fn (Wanted $one): float => $one->square(), $found->without)) / 1e6, ($found->offcut?->square() ?? 0.0) / 1e6));
        }

        return Command::SUCCESS;
    }

    /** @return array{list<Face>, list<Wanted>} with a knot each, and every fifth piece an outline */
    private static function drawn(): array
    {
        $dice = new Randomizer(new Mt19937(4));
        $faces = $wanted = [];
        for ($board = 0; $board < self::BOARDS; $board++) {
            $faces[] = new Face($board, (float) $dice->getInt(1_800, 2_500), (float) $dice->getInt(180, 360), [new Area((float) $dice->getInt(300, 1_200), (float) $dice->getInt(10, 120), 60.0, 40.0)]);
        }
        $body = Outline::of(self::body(), 5.0);
        for ($piece = 0; $piece < self::PIECES; $piece++) {
            $wanted[] = $piece % 5 === 0 ? new Wanted($piece, $body->length, $body->width, 1, $body)
                : new Wanted($piece, (float) $dice->getInt(400, 950), (float) $dice->getInt(60, 175), $dice->getInt(1, 2));
        }

        return [$faces, $wanted];
    }

    private static function body(): Polygon
    {
        return Polygon::of(array_map(static function (int $at): Point {
            $turn = 2 * M_PI * $at / 80;

            return new Point(225 * cos($turn), 165 * sin($turn) * (1 - 0.25 * (0.5 + 0.5 * cos($turn))));
        }, range(0, 79)));
    }

    private static function best(callable $work): float
    {
        $best = INF;
        for ($run = 0; $run < 3; $run++) {
            $start = hrtime(true);
            $work();
            $best = min($best, (hrtime(true) - $start) / 1e6);
        }

        return $best;
    }
}
