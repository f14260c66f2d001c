<?php

declare(strict_types=1);

namespace Regimen\Electronics;

use Regimen\Units\InvalidQuantity;

/** One position of the pickup switch: the pickups that must sound there. */
final readonly class SwitchPosition
{
    /** @param  list<string>  $pickups  their names */
    private function __construct(public array $pickups)
    {
    }

    /**
     * `neck + bridge`
     *
     * @throws InvalidQuantity
     */
    public static function parse(string $typed): self
    {
        $names = array_map(trim(...), preg_split('/[+&]/', mb_strtolower($typed)) ?: []);
        foreach ($names as $name) {
            if (preg_match('/^[\p{L}\d -]{1,24}$/u', $name) !== 1) {
                throw InvalidQuantity::unreadable(trim($typed), 'neck, neck + bridge, bridge');
            }
        }

        return new self($names);
    }

    public function inWords(): string
    {
        return implode(' + ', $this->pickups);
    }
}
