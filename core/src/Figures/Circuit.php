<?php

declare(strict_types=1);

namespace Regimen\Figures;

use Regimen\Electronics\ElectricWords;
use Regimen\Instrument\Electrics\Electrics;
use Regimen\Instrument\Electrics\PickupKind;
use Regimen\Instrument\Electrics\SwitchPosition;
use Regimen\Instrument\Specification;

/**
 * The circuit of one instrument, from its pickups, pots, capacitors, switch table and jack: what is joined to what, every
 * ground, and which way the lever points. How pots are used by their number is common practice with no single source: one
 * is the volume, a second and third are tones; with as many volumes as pickups each stands before the switch.
 */
final readonly class Circuit
{
    /**
     * @param  list<string>  $pickups  names
     * @param  list<string>  $volumes  pots in words, `volume 500 kΩ`
     * @param  list<string>  $tones
     * @param  string  $capacitor  in words; empty for none
     * @param  list<SwitchPosition>  $positions
     * @param  list<Connection>  $wires
     */
    private function __construct(
        public array $pickups,
        public array $volumes,
        public array $tones,
        public string $capacitor,
        public array $positions,
        public bool $battery,
        public array $wires,
        private bool $leverRunsBack,
    ) {
    }

    public static function of(Specification $s): self
    {
        $e = $s->electrics;
        $names = array_map(static fn ($pickup): string => $pickup->place, $e->pickups);
        [$volumes, $tones] = self::pots($e);
        $capacitor = $tones === [] || $e->capacitors === [] ? '' : ElectricWords::capacitance($e->capacitors[0]);
        $own = count($volumes) > 1;
        $switch = count($e->switch) > 1 || count($names) > 1;
        $wires = [];
        foreach ($names as $at => $name) {
            $hot = "{$name} hot";
            if ($own) {
                $wires[] = new Connection($hot, "{$volumes[$at]}, lug 3", false);
                $wires[] = new Connection("{$volumes[$at]}, lug 2", $switch ? 'switch, lug '.($at + 1) : 'jack, tip', false);
            } else {
                $wires[] = new Connection($hot, $switch ? 'switch, lug '.($at + 1) : self::entry($volumes), false);
            }
            if (self::isDivided($e, $name)) {
                $wires[] = new Connection("{$name}, coils’ middle", 'switch, second pole, lug '.($at + 1), false);
            }
        }
        array_push($wires, ...self::after($volumes, $tones, $capacitor, $own, $switch));
        array_push($wires, ...self::grounds($e, $names, $volumes, $tones, $capacitor));

        return new self($names, $volumes, $tones, $capacitor, $e->switch, $e->battery, $wires, self::runsBack($e));
    }

    /** @return array{list<string>, list<string>} volumes and tones, in words */
    private static function pots(Electrics $e): array
    {
        $count = count($e->pots);
        $before = $count >= 4 && count($e->pickups) >= 2 ? 2 : min(1, $count);
        $named = static fn (string $what, int $number, int $of, float $kilohms): string => $what.($of > 1 ? ' '.($number + 1) : '').' '.ElectricWords::resistance($kilohms);
        $volumes = $tones = [];
        foreach ($e->pots as $at => $kilohms) {
            if ($at < $before) {
                $volumes[] = $named('volume', $at, $before, $kilohms);
            } else {
                $tones[] = $named('tone', $at - $before, $count - $before, $kilohms);
            }
        }

        return [$volumes, $tones];
    }

    /** @param  list<string>  $volumes */
    private static function entry(array $volumes): string
    {
        return $volumes === [] ? 'jack, tip' : "{$volumes[0]}, lug 3";
    }

    /**
     * @param  list<string>  $volumes
     * @param  list<string>  $tones
     * @return list<Connection>
     */
    private static function after(array $volumes, array $tones, string $capacitor, bool $own, bool $switch): array
    {
        $wires = [];
        if ($switch) {
            $wires[] = new Connection('switch, common', $own ? 'jack, tip' : self::entry($volumes), false);
        }
        if (! $own && $volumes !== []) {
            $wires[] = new Connection("{$volumes[0]}, lug 2", 'jack, tip', false);
        }
        foreach ($tones as $at => $tone) {
            $volume = $volumes[min($at, count($volumes) - 1)] ?? null;
            $wires[] = new Connection($volume === null ? 'jack, tip' : "{$volume}, lug 3", "{$tone}, lug 3", false);
            if ($capacitor !== '') {
                $wires[] = new Connection("{$tone}, lug 2", "capacitor {$capacitor}".(count($tones) > 1 ? ' '.($at + 1) : ''), false);
            }
        }

        return $wires;
    }

    /**
     * @param  list<string>  $names
     * @param  list<string>  $volumes
     * @param  list<string>  $tones
     * @return list<Connection>
     */
    private static function grounds(Electrics $e, array $names, array $volumes, array $tones, string $capacitor): array
    {
        $star = 'ground, at '.($volumes === [] ? 'the jack' : "the back of {$volumes[0]}");
        $wires = array_map(static fn (string $name): Connection => new Connection("{$name} ground and shield", $star, true), $names);
        foreach ($volumes as $volume) {
            $wires[] = new Connection("{$volume}, lug 1", 'its own back', true);
        }
        foreach ($tones as $at => $tone) {
            $wires[] = new Connection("back of {$tone}", $star, true);
            if ($capacitor !== '') {
                $wires[] = new Connection("capacitor {$capacitor}".(count($tones) > 1 ? ' '.($at + 1) : ''), "back of {$tone}", true);
            }
        }
        foreach (array_slice($volumes, 1) as $volume) {
            $wires[] = new Connection("back of {$volume}", $star, true);
        }
        if (array_filter($e->pickups, static fn ($pickup): bool => $pickup->kind !== PickupKind::Piezo) !== []) {
            $wires[] = new Connection('bridge and strings', $star, true);
        }
        if ($e->shielding->value !== 'none') {
            $wires[] = new Connection('shielding of every cavity', $star, true);
        }
        $wires[] = new Connection('jack, sleeve', $star, true);
        if ($e->battery) {
            $wires[] = new Connection('battery, minus', 'jack, ring', true);
        }

        return $wires;
    }

    private static function isDivided(Electrics $e, string $name): bool
    {
        foreach ($e->switch as $position) {
            if (in_array(mb_strtolower($name), $position->divided(), true)) {
                return true;
            }
        }

        return false;
    }

    /** The lever points towards the pickup that sounds: where the first position is the bridge's, the table runs back. */
    private static function runsBack(Electrics $e): bool
    {
        $order = array_flip(array_map(static fn ($pickup): string => mb_strtolower($pickup->place), $e->pickups));
        $middle = static function (SwitchPosition $position) use ($order): float {
            $places = array_intersect_key($order, array_flip($position->pickups));

            return $places === [] ? 0.0 : array_sum($places) / count($places);
        };

        return count($e->switch) > 1 && $middle($e->switch[0]) > $middle($e->switch[count($e->switch) - 1]);
    }

    /**
     * The switch position by position, as the lever lies: from the neck's side to the bridge's.
     *
     * @return list<array{int, string}> number in the table, from 1, and what sounds
     */
    public function lever(): array
    {
        $all = [];
        foreach ($this->positions as $at => $position) {
            $all[] = [$at + 1, $position->inWords()];
        }

        return $this->leverRunsBack ? array_reverse($all) : $all;
    }

    /** @return list<string> what is soldered, in the order in which it is reached: grounds last */
    public function joints(): array
    {
        return array_map(static fn (Connection $one): string => ($one->isGround ? 'ground: ' : '').$one->words(), $this->wires);
    }
}
