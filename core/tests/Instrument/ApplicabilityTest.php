<?php

declare(strict_types=1);

namespace Regimen\Tests\Instrument;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Instrument\Reading\SpecificationFields;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Revision\Comparison;
use Regimen\Tests\DrawnSpecifications;

/** A field that means nothing for an instrument is neither asked for nor printed; common practice. */
final class ApplicabilityTest extends TestCase
{
    /**
     * @return iterable<string, array{string, array<string, mixed>, array<string, mixed>}> field, typed so that it
     *   applies, typed so that it does not
     */
    public static function fields(): iterable
    {
        yield 'screws' => ['screwLength', [], ['joint' => 'set']];
        yield 'screws of a mortise' => ['screwLength', ['joint' => 'bolted_mortise'], ['joint' => 'through']];
        yield 'a plate' => ['plateThickness', [], ['fastener' => 'inserts']];
        yield 'a pocket' => ['pocketDepth', ['joint' => 'set'], ['joint' => 'through']];
        yield 'chambers' => ['chamberShare', ['weightRelief' => 'yes'], []];
        yield 'relief' => [
            'weightRelief',
            [],
            [
                'body' => 'chambered',
                'layers' => [['timber' => 'limba', 'thickness' => '6'], ['timber' => 'limba', 'thickness' => '38']],
            ],
        ];
        yield 'edges' => ['edgeRadius', [], ['edges' => 'square']];
        yield 'edges of a box' => ['contours', [], ['type' => 'flat-top']];
        yield 'binding' => ['bodyBindingHeight', ['bodyBinding' => '2'], []];
        yield 'an angle' => ['headAngle', [], ['headstock' => 'flat']];
        yield 'a step' => ['headStep', ['headstock' => 'flat'], []];
        yield 'a guide' => ['guideDrop', ['headstock' => 'flat'], []];
        yield 'a row of posts' => ['firstPost', [], ['posts' => '42/9 67/9 93/9 118/9 144/9 169/9']];
        yield 'a rod' => ['rodDepth', [], ['rodLength' => '0']];
        yield 'markers' => ['markerDiameter', [], ['markers' => 'none']];
        yield 'a pair' => ['markerOffset', [], ['markers' => 'block']];
        yield 'a nut' => ['nutAction', [], ['zeroFret' => 'yes']];
        yield 'a tailpiece' => ['tailDistance', ['stringPath' => 'at_a_tailpiece'], []];
        yield 'bridge screws' => ['mountingOffset', [], ['bridge' => 'pinned']];
        yield 'pores' => ['grainFill', ['layers' => [['timber' => 'white ash', 'thickness' => '45']]], []];
        yield 'pots' => ['pots', [], ['pickups' => []]];
        yield 'an outline' => ['outlineSvg', ['outline' => 'imported'], []];
    }

    /**
     * @param  array<string, mixed>  $applies
     * @param  array<string, mixed>  $idle
     */
    #[DataProvider('fields')]
    public function test_a_field_is_asked_for_where_it_means_something(string $key, array $applies, array $idle): void
    {
        $field = SpecificationFields::all()[$key];
        self::assertArrayNotHasKey($key, SpecificationReader::read($applies)->idle);
        $read = SpecificationReader::read($idle);
        self::assertArrayHasKey($key, $read->idle);
        self::assertNotSame('', $read->idle[$key]);
        self::assertSame('', $read->printed($field));
    }

    public function test_what_the_client_says_all_the_same_is_told_and_kept(): void
    {
        $read = SpecificationReader::read(['joint' => 'set', 'screwLength' => '40', 'heelWidth' => '57']);
        self::assertSame(['screwLength' => 'only a bolted neck has screws or bolts'], $read->leftAside());
        self::assertSame('57 mm', $read->printed(SpecificationFields::all()['heelWidth']));
        self::assertSame([], SpecificationReader::read(['screwLength' => '40'])->leftAside());
    }

    public function test_a_difference_in_what_does_not_apply_is_none(): void
    {
        $changes = Comparison::values(
            SpecificationReader::read(['joint' => 'set', 'screwLength' => '40']),
            SpecificationReader::read(['joint' => 'set', 'screwLength' => '45']),
        );
        self::assertSame([], $changes);
    }

    public function test_reasons_are_only_given_for_fields_that_there_are(): void
    {
        foreach (DrawnSpecifications::of(60, 4242, 0.3) as [, $read]) {
            self::assertSame([], array_diff(array_keys($read->idle), array_keys(SpecificationFields::all())));
        }
    }
}
