<?php

declare(strict_types=1);

namespace Regimen\Instrument\Electrics;

use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Instrument\Fields\YesNo;
use Regimen\Units\Length;

/** Pickups and what they are wired to. */
final readonly class Electrics
{
    /**
     * @param  list<Pickup>  $pickups
     * @param  list<float>  $pots  kΩ
     * @param  list<float>  $capacitors  nF
     * @param  list<SwitchPosition>  $switch
     * @param  float  $pickupMass  g
     */
    public function __construct(
        public array $pickups,
        public array $pots,
        public array $capacitors,
        public array $switch,
        public bool $battery,
        public JackPlace $jack,
        public Length $jackThread,
        public Length $jackWall,
        public Length $potThread,
        public Length $potNut,
        public Length $controlTop,
        public bool $pickupsWound,
        public Shielding $shielding,
        public float $pickupMass,
        public string $electronics,
    ) {
    }

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::rows('pickups', 'Pickups, from the neck', Pickup::class, [
                Field::text(FieldKind::Name, 'place', 'Name'),
                Field::choice('kind', 'Kind', PickupKind::class, 'humbucker'),
                Field::number(FieldKind::Resistance, 'resistance', 'Resistance, maker’s', 0.001, 10_000),
                Field::length('position', 'Scale line to pole centre', 3, 400, '', 'left empty: worked out'),
                Field::length('depth', 'Cavity depth', 1, 70, '20'),
                Field::length('spread', 'Poles, outer to outer', 20, 150),
            ], 0, 5),
            Field::text(FieldKind::Resistances, 'pots', 'Pots', '', '500k, 500k; left empty: by the pickups'),
            Field::text(FieldKind::Capacitances, 'capacitors', 'Tone capacitors', '22 nF', '22 nF or 0.022 µF'),
            Field::text(
                FieldKind::Positions, 'switch', 'Switch, position by position', '', 'neck, neck + bridge, bridge',
            ),
            Field::choice('battery', 'Battery', YesNo::class, 'no'),
            Field::choice(
                'jack', 'Jack', JackPlace::class, ['guitar' => 'side', 'bass' => 'side', 'flat-top' => 'end'],
            ),
            Field::length('jackThread', 'Jack thread', 3, 40, '9'),
            Field::length('jackWall', 'Timber or plate under the jack', 0.5, 40, '2.5'),
            Field::length('potThread', 'Pot thread', 3, 40, '9.5'),
            Field::length('potNut', 'Pot’s washer and nut', 1, 10, '3.5'),
            Field::length('controlTop', 'Top left over the controls', 0.5, 40, '5'),
            Field::choice('pickupsWound', 'Pickups wound in the house', YesNo::class, 'no'),
            Field::choice('shielding', 'Shielding', Shielding::class, 'none'),
            Field::number(
                FieldKind::Mass, 'pickupMass', 'Mass of a pickup', 5, 600,
                ['guitar' => '110 g', 'bass' => '160 g', 'flat-top' => '20 g'],
            ),
            Field::text(FieldKind::Prose, 'electronics', 'Pickups and electronics in words'),
        ];
    }
}
