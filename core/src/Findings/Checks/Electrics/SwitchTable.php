<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Electrics;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Electrics\Electrics;
use Regimen\Instrument\Electrics\Pickup;
use Regimen\Instrument\Electrics\PickupKind;

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
                yield $this->switchPickup($index, $unknown, $places);

                return;
            }
        }
        yield from count($places) === count(array_unique($places)) ? $this->wiring($e) : [];
        $silent = array_values(array_diff($places, $heard));
        if ($silent !== []) {
            yield Finding::stop('switch-silent', 'A pickup that never sounds')
                ->says(ucfirst($silent[0]).' is in no position of the switch.')
                ->because('It would be built in for nothing.')
                ->at('switch', 'pickups')
                ->fix('Set the positions by the pickups', ['switch' => '']);
        }
        if (count($places) !== count(array_unique($places))) {
            yield Finding::stop('pickup-names', 'Two pickups of one name')
                ->says(implode(', ', $places).'.')
                ->because('The switch cannot tell them apart.')
                ->at('pickups')
                ->fix(
                    'Call them '.implode(', ', self::unique($places)),
                    [...self::renamed(self::unique($places)), 'switch' => ''],
                );
        }
    }

    /**
     * @param  list<string>  $unknown
     * @param  list<string>  $places
     */
    private function switchPickup(int $index, array $unknown, array $places): Finding
    {
        return Finding::stop('switch-pickup', 'Switch position '.($index + 1).' has no pickup')
            ->says('“'.$unknown[0].'” is not among: '.(implode(', ', $places) ?: 'none').'.')
            ->because('The position would be silent.')
            ->at('switch', 'pickups')
            ->fixBy(
                [
                    ['Set the positions by the pickups', ['switch' => '']],
                    [
                        'Set the positions by the pickups, called '.implode(', ', self::unique($places)),
                        [...self::renamed(self::unique($places)), 'switch' => ''],
                    ],
                ],
            );
    }

    /**
     * A pickup sounds once at a position, and only a humbucker has two coils to divide (E2).
     *
     * @return iterable<Finding>
     */
    private function wiring(Electrics $e): iterable
    {
        $kinds = [];
        foreach ($e->pickups as $pickup) {
            $kinds[mb_strtolower($pickup->place)] = $pickup->kind;
        }
        foreach ($e->switch as $index => $position) {
            if ($position->repeats()) {
                yield Finding::stop('switch-twice', 'A pickup twice at switch position '.($index + 1))
                    ->says('“'.$position->inWords().'”.')
                    ->because('A pickup can be wired in once.')
                    ->at('switch')
                    ->fix('Set the positions by the pickups', ['switch' => '']);
            }
            $single = array_values(
                array_filter(
                    $position->divided(),
                    static fn (string $name): bool => ($kinds[$name] ?? null) !== PickupKind::Humbucker,
                ),
            );
            if ($single !== []) {
                yield Finding::stop('switch-split', 'Nothing to split at switch position '.($index + 1))
                    ->says(ucfirst($single[0]).' has one coil.')
                    ->because('Only the two coils of a humbucker can be used apart.')
                    ->at('switch', 'pickups')
                    ->fix('Set the positions by the pickups', ['switch' => '']);
            }
        }
    }

    /**
     * Each name once: the second “neck” becomes “neck 2”.
     *
     * @param  list<string>  $places
     * @return list<string>
     */
    private static function unique(array $places): array
    {
        $unique = [];
        foreach ($places as $place) {
            $name = $place;
            for ($number = 2; in_array($name, $unique, true); $number++) {
                $name = mb_substr($place, 0, 20)." {$number}";
            }
            $unique[] = $name;
        }

        return $unique;
    }

    /**
     * @param  list<string>  $names
     * @return array<string, string>
     */
    private static function renamed(array $names): array
    {
        $changes = [];
        foreach ($names as $index => $name) {
            $changes["pickups.{$index}.place"] = $name;
        }

        return $changes;
    }
}
