<?php

declare(strict_types=1);

namespace Regimen\Tests\Findings;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Figures\Workings;
use Regimen\Findings\Checks\RuleBook;
use Regimen\Findings\Finding;
use Regimen\Findings\Severity;
use Regimen\Instrument\Reading\SpecificationReader;

/**
 * Where each check begins to speak: silent on the one side of its limit, loud on the other. All limits are common
 * practice (TRADE sections 2 to 4, CALCULATIONS G5 to G18); the arithmetic that leads to a limit stands beside it.
 */
final class LimitsTest extends TestCase
{
    public const CAVITY = [
        'kind' => 'control', 'depth' => '35', 'length' => '100', 'width' => '40', 'behind' => '10', 'across' => '-85',
    ];

    public const CHAMBERED = [
        'body' => 'chambered',
        'layers' => [['timber' => 'black walnut', 'thickness' => '6'], ['timber' => 'white ash', 'thickness' => '39']],
    ];

    /**
     * @return iterable<string, array{string, array<string, mixed>, array<string, mixed>}> finding, typed inside the
     *   limit, typed outside it
     */
    public static function limits(): iterable
    {
        yield from BoardLimits::limits();
        yield from BodyLimits::limits();
        yield from OtherLimits::limits();
    }

    /** @return array<string, mixed> */
    public static function bass(string $nutWidth): array
    {
        return [
            'type' => 'bass', 'strings' => '4', 'scale' => '34"', 'frets' => '20', 'nutWidth' => $nutWidth,
            'nutMargin' => '4.5', 'gauges' => '45w 65w 85w 105w', 'spacing' => 'equal_gaps',
        ];
    }

    /**
     * @param  array<string, mixed>  $inside
     * @param  array<string, mixed>  $outside
     */
    #[DataProvider('limits')]
    public function test_a_check_is_silent_up_to_its_limit_and_speaks_beyond_it(
        string $key,
        array $inside,
        array $outside,
    ): void {
        self::assertNull(
            self::find($inside, $key),
            "inside, {$key} is silent: ".(self::find($inside, $key)->figures ?? ''),
        );
        self::assertNotNull(self::find($outside, $key), "outside, {$key} speaks");
    }

    /**
     * @return iterable<string, array{string, array<string, mixed>, array<string, mixed>}> finding, typed so that it
     *   warns, typed so that it stops
     */
    public static function severities(): iterable
    {
        yield 'board edge under the slots' => ['slot-deep', ['slotDepth' => '5.2'], ['slotDepth' => '5.6']];
        yield 'markers' => ['marker-depth', ['markerThickness' => '0.9'], ['markerThickness' => '0.6']];
        yield 'marker holes' => [
            'marker-floor', ['markerDepth' => '5.5', 'markerThickness' => '5.5'],
            ['markerDepth' => '6', 'markerThickness' => '6'],
        ];
        yield 'outer strings' => ['outer-strings', ['nutMargin' => '2'], ['nutMargin' => '1']];
        yield 'tuners' => [
            'tuner-spacing', ['tunerSpacing' => '19.5', 'tunerWidth' => '20'],
            ['tunerSpacing' => '17', 'tunerWidth' => '20'],
        ];
        yield 'bridge' => ['bridge-range', ['bridgeMost' => '13'], ['bridgeMost' => '12']];
        yield 'saddles' => ['saddle-travel', ['saddleFront' => '1'], ['saddleFront' => '2']];
        yield 'cavity' => [
            'cavity-floor.0', ['cavities' => [['depth' => '40'] + self::CAVITY]],
            ['cavities' => [['depth' => '43'] + self::CAVITY]],
        ];
        yield 'cavity at the side' => [
            'cavity-inside.0', ['cavities' => [['across' => '-112'] + self::CAVITY]],
            ['cavities' => [['across' => '-140'] + self::CAVITY]],
        ];
        yield 'pocket' => [
            'pocket-floor', ['pocketDepth' => '35', 'heelThickness' => '43'],
            ['pocketDepth' => '43', 'heelThickness' => '51'],
        ];
        yield 'chambers' => [
            'chamber-floor', self::CHAMBERED + ['chamberDepth' => '36'], self::CHAMBERED + ['chamberDepth' => '38'],
        ];
        yield 'screws' => ['neck-screws', ['screwLength' => '35'], ['screwLength' => '55']];
        yield 'strings' => ['tension.0', ['gauges' => '15 13 17 26w 36w 46w'], ['gauges' => '20 13 17 26w 36w 46w']];
        yield 'slots under the crown' => [
            'slot-wide', ['slotWidth' => '0.7', 'crownWidth' => '1.2'], ['slotWidth' => '1', 'crownWidth' => '0.9'],
        ];
        yield 'soft boards' => ['soft.boardTimber', ['boardTimber' => 'true mahogany'], ['boardTimber' => 'red alder']];
        yield 'soft necks' => ['soft.neckTimber', ['neckTimber' => 'red alder'], ['neckTimber' => 'western redcedar']];
        yield 'short rods' => ['rod-short', ['rodLength' => '196'], ['rodLength' => '195']];
        yield 'pairs of markers' => [
            'marker-pair', ['lastWidth' => '55.9', 'markerOffset' => '22.5'],
            ['lastWidth' => '55.9', 'markerOffset' => '24'],
        ];
        yield 'side markers' => ['side-markers', ['sideMarkers' => '4'], ['sideMarkers' => '5']];
        yield 'screws in front' => ['screws-in-front', ['mountingOffset' => '-4'], ['mountingOffset' => '-6']];
        yield 'one screw' => ['screws-few', ['fasteners' => '2'], ['fasteners' => '1']];
        yield 'plates' => ['flat-top-plate', self::plate('2'), self::plate('1.4')];
        yield 'cavities' => [
            'cavity-collision.1',
            ['cavities' => [self::CAVITY, ['length' => '40', 'width' => '20', 'across' => '-53'] + self::CAVITY]],
            ['cavities' => [self::CAVITY, ['length' => '40', 'width' => '20', 'across' => '-60'] + self::CAVITY]],
        ];
    }

    /**
     * @param  array<string, mixed>  $worrying
     * @param  array<string, mixed>  $impossible
     */
    #[DataProvider('severities')]
    public function test_what_is_worrying_warns_and_what_cannot_be_stops(
        string $key,
        array $worrying,
        array $impossible,
    ): void {
        self::assertSame(Severity::Warn, self::find($worrying, $key)?->severity);
        self::assertSame(Severity::Stop, self::find($impossible, $key)?->severity);
    }

    /** @return array<string, mixed> a flat-top with a top so thick */
    public static function plate(string $thick): array
    {
        return [
            'type' => 'flat-top',
            'nutWidth' => '44',
            'layers' => [
                ['timber' => 'Sitka spruce', 'thickness' => $thick],
                ['timber' => 'Indian rosewood', 'thickness' => '98'],
            ],
        ];
    }

    /** @param  array<string, mixed>  $typed */
    private static function find(array $typed, string $key): ?Finding
    {
        $read = SpecificationReader::read(['nutWidth' => '43', ...$typed]);
        self::assertSame([], $read->problems);
        foreach (RuleBook::judge(Workings::from($read)) as $finding) {
            if ($finding->key === $key) {
                return $finding;
            }
        }

        return null;
    }
}
