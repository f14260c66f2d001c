<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Pickup;

/** Every switch position has its pickups, every pickup its position (E4). */
final class SwitchTable implements Check
{
    public function judge(Workings $w): iterable
    {
        $e = $w->specification->electrics;
        $places = array_map(static fn (Pickup $pickup): string => mb_strtolower($pickup->place), $e->pickups);
        $heard = [];
        foreach ($e->switch as $index => $position) {
            $unknown = array_values(array_diff($position->pickups, $places));
            $heard = [...$heard, ...$position->pickups];
            if ($unknown !== []) {
                yield Finding::stop('switch-pickup', 'Switch position '.($index + 1).' has no pickup', '“'.$unknown[0].'” is not among: '.(implode(', ', $places) ?: 'none').'.', 'The position would be silent.', 'switch', 'pickups')->mend('positions by the pickups', ['switch' => '']);

                return;
            }
        }
        $silent = array_values(array_diff($places, $heard));
        if ($silent !== []) {
            yield Finding::stop('switch-silent', 'A pickup that never sounds', ucfirst($silent[0]).' is in no position of the switch.', 'It would be built in for nothing.', 'switch', 'pickups')->mend('positions by the pickups', ['switch' => '']);
        }
        if (count($places) !== count(array_unique($places))) {
            yield Finding::stop('pickup-names', 'Two pickups of one name', implode(', ', $places).'.', 'The switch cannot tell them apart.', 'pickups')
                ->mend('call one “'.$places[self::second($places)].' 2”', ['pickups.'.self::second($places).'.place' => $places[self::second($places)].' 2', 'switch' => '']);
        }
    }

    /**
     * The first whose name was there before.
     *
     * @param  list<string>  $places
     */
    private static function second(array $places): int
    {
        foreach ($places as $index => $place) {
            if (in_array($place, array_slice($places, 0, $index), true)) {
                return $index;
            }
        }

        return 0;
    }
}
