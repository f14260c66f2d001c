<?php

declare(strict_types=1);

namespace Regimen\Instrument\Reading;

use Regimen\Instrument\Brief\InstrumentType;

/**
 * What a house takes when a specification says nothing. All of it is common practice and can be changed by the house.
 */
final class HouseDefaults
{
    private const LAYERS = [
        'guitar' => [['timber' => 'red alder', 'thickness' => '45']],
        'bass' => [['timber' => 'red alder', 'thickness' => '43']],
        'flat-top' => [['timber' => 'Sitka spruce', 'thickness' => '2.8']],
    ];

    private const PICKUPS = [
        'guitar' => [
            ['place' => 'neck', 'kind' => 'humbucker', 'depth' => '20'],
            ['place' => 'bridge', 'kind' => 'humbucker', 'depth' => '20'],
        ],
        'bass' => [
            ['place' => 'neck', 'kind' => 'single-coil_soapbar', 'depth' => '22'],
            ['place' => 'bridge', 'kind' => 'single-coil_soapbar', 'depth' => '22'],
        ],
        'flat-top' => [],
    ];

    private const CAVITIES = [
        'guitar' => [
            [
                'kind' => 'control', 'depth' => '38', 'length' => '110', 'width' => '42', 'behind' => '10',
                'across' => '-92',
            ],
        ],
        'bass' => [
            [
                'kind' => 'control', 'depth' => '36', 'length' => '110', 'width' => '42', 'behind' => '-15',
                'across' => '-86',
            ],
        ],
        'flat-top' => [],
    ];

    /** @return array<string, mixed> typed, by field */
    public static function ofTrade(InstrumentType $type): array
    {
        return [
            ...SpecificationFields::tradeDefaults($type->value),
            'type' => $type->value,
            'layers' => self::LAYERS[$type->value],
            'pickups' => self::PICKUPS[$type->value],
            'cavities' => self::CAVITIES[$type->value],
        ];
    }

    /**
     * The trade's defaults under what the house says itself.
     *
     * @param  array<string, mixed>  $house  typed, by field
     * @return array<string, mixed>
     */
    public static function under(array $house): array
    {
        $said = array_filter(
            $house,
            static fn (mixed $typed): bool => is_array($typed) || is_scalar($typed) && trim((string) $typed) !== '',
        );

        return [...self::ofTrade(SpecificationReader::typeOf($said)), ...$said];
    }
}
