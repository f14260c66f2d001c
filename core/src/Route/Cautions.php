<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Instrument\Specification;

/** The cautions of an operation on this instrument: its standard's, and those that the timber brings. */
final class Cautions
{
    /**
     * @param  list<Caution>  $more
     * @return list<Caution>
     */
    public static function of(Standard $standard, Specification $specification, array $more): array
    {
        $cautions = array_filter([$standard->caution, ...$more]);
        $cuts = in_array(Caution::Machines, $cautions, true) || in_array(Caution::Dust, $cautions, true);
        if ($cuts && $standard->stage === Stage::Fretboard && $specification->board->boardTimber->oily) {
            $cautions[] = Caution::Sensitising;
        }
        if ($standard->key === 'body.joint' || $standard->key === 'parts.timber') {
            $cautions[] = Caution::Lifting;
        }
        if ($standard->station === 'saw-and-planer' && $cuts) {
            $cautions[] = Caution::Tired;
        }

        return array_values(array_unique($cautions, SORT_REGULAR));
    }
}
