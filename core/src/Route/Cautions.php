<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Instrument\Specification;
use Regimen\Route\Entry\Entry;
use Regimen\Route\Standards\Adhesive;
use Regimen\Route\Standards\Caution;
use Regimen\Route\Standards\Stage;
use Regimen\Route\Standards\Standard;
use Regimen\Route\Standards\Station;

/**
 * The cautions of an operation on this instrument: its way's and its entry's, its glue's, and those that the timber
 * brings.
 */
final class Cautions
{
    /** @return list<Caution> */
    public static function for(Standard $standard, Entry $entry, ?Adhesive $glue, Specification $specification): array
    {
        $cautions = array_filter([$standard->caution, ...$entry->cautions, $glue?->caution()]);
        $cuts = in_array(Caution::Machines, $cautions, true) || in_array(Caution::Dust, $cautions, true);
        if ($cuts && $standard->stage === Stage::Fretboard && $specification->board->boardTimber->oily) {
            $cautions[] = Caution::Sensitising;
        }
        if ($standard->station === Station::SawAndPlaner->value && $cuts) {
            $cautions[] = Caution::Tired;
        }

        return array_values(array_unique($cautions, SORT_REGULAR));
    }
}
