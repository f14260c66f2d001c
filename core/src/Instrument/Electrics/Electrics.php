<?php

declare(strict_types=1);

namespace Regimen\Instrument\Electrics;

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
        public Shielding $shielding,
        public float $pickupMass,
        public string $electronics,
    ) {
    }
}
