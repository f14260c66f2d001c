<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Body;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Geometry\Footprint;
use Regimen\Units\Words;

/** Cavities leave timber to each other, to the pocket and to the pickups above them (G18). */
final class CavityCollision implements Check
{
    private const LEAST = 3.0;

    public function judge(Workings $w): iterable
    {
        $body = $w->specification->bodyThickness()->mm;
        $cavities = $w->room()->cavities;
        foreach ($cavities as $index => $cut) {
            $earlier = array_filter($cavities, static fn (int $other): bool => $other < $index, ARRAY_FILTER_USE_KEY);
            [$timber, $met] = self::nearest($cut, [...array_values($earlier), ...$w->room()->fromTop()], $body);
            if ($met !== null && $timber < self::LEAST) {
                $over = ! $met->fromBack;
                $depth = Words::down($body - $met->depth - 4.0);
                yield Finding::when(
                    $timber < 1.0,
                    "cavity-collision.{$index}",
                    "The {$cut->name} ".($timber < 0.0 ? 'runs into' : 'leaves little timber to')." the {$met->name}",
                )
                    ->says(
                        $timber < 0.0
                        ? 'They overlap by '.Words::mm(-$timber).'.'
                        : Words::mm($timber).' stay between them; at least 3 should.',
                    )
                    ->because(
                        $over
                        ? 'One is cut from the top, the other from the back: their floors meet.'
                        : 'The wall between them breaks out.',
                    )
                    ->at("cavities.{$index}.behind", "cavities.{$index}.across", "cavities.{$index}.depth")
                    ->fixBy(
                        $over && $depth >= 8.0 ? [
                            [Words::number($depth).' deep', ["cavities.{$index}.depth" => Words::typed($depth)]],
                        ] : [],
                    )
                    ->fixBy(MovedCavity::ways($w, $index, $cut));
            }
        }
    }

    /**
     * @param  list<Footprint>  $others
     * @return array{float, Footprint|null}
     */
    private static function nearest(Footprint $cut, array $others, float $body): array
    {
        $nearest = [INF, null];
        foreach ($others as $other) {
            $timber = $cut->timberTo($other, $body);
            if ($timber < $nearest[0]) {
                $nearest = [$timber, $other];
            }
        }

        return $nearest;
    }
}
