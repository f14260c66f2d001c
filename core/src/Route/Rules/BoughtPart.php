<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;

/** A bought part that something is cut for; its value is the group of the kit it stands in. */
enum BoughtPart: string
{
    case TrussRod = 'truss-rod';
    case Tuners = 'tuners';
    case Bridge = 'bridge';
    case Pickups = 'pickups';
    case Electronics = 'electronics';

    public const REASON = 'It is cut for the part that arrived, not for its data sheet.';

    public const SPOILS = 'A cut for a part that turns out different does not fit it.';

    /** @return list<self> those that an instrument has */
    public static function of(Specification $s): array
    {
        return array_values(array_filter(self::cases(), static fn (self $part): bool => match ($part) {
            self::TrussRod => $s->neck->rodLength->mm > 0,
            self::Pickups, self::Electronics => $s->electrics->pickups !== [],
            default => true,
        }));
    }

    /** @return list<string> */
    public static function keys(Specification $s): array
    {
        return array_map(static fn (self $part): string => $part->value, self::of($s));
    }

    public function words(): string
    {
        return match ($this) {
            self::TrussRod => 'the truss rod',
            self::Tuners => 'the tuners',
            self::Bridge => 'the bridge',
            self::Pickups => 'the pickups',
            self::Electronics => 'pots, switch and jack',
        };
    }

    /** @return list<string> operations that take its measures */
    public function cuts(): array
    {
        return match ($this) {
            self::TrussRod => ['neck.channel'],
            self::Tuners => ['neck.tuner-holes'],
            self::Bridge => ['joint.bridge'],
            self::Pickups => ['body.cavities'],
            self::Electronics => ['body.cavities', 'electronics.harness'],
        };
    }
}
