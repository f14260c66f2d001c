<?php

declare(strict_types=1);

namespace Regimen\Tests\Setback;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Inspection\Tolerances;
use Regimen\Setback\Fits;
use Regimen\Setback\Fitting;
use Regimen\Setback\PieceKind;
use Regimen\Tests\Specifications;

/** Whether a piece of one instrument fits another. What counts from when on is common practice. */
final class FitsTest extends TestCase
{
    private const NECK = ['neck.square', 'neck.channel', 'neck.outline', 'neck.carve', 'neck.tuner-holes', 'neck.headstock'];

    private const BOARD = ['fretboard.thickness', 'fretboard.slots', 'fretboard.taper'];

    private const BODY = ['body.thickness', 'body.outline', 'body.cavities', 'joint.bridge', 'joint.pocket'];

    /**
     * @param  array<string, mixed>  $here
     * @param  array<string, mixed>  $there
     * @param  list<string>  $done
     * @param  list<string>  $doneHere
     */
    private static function judge(PieceKind $kind, array $here, array $there, array $done, array $doneHere = []): Fitting
    {
        return (new Fits(Specifications::read($here), Specifications::read($there), $done, $doneHere, Tolerances::usual()))->judge([$kind]);
    }

    public function test_of_the_same_instrument_everything_fits(): void
    {
        foreach ([[PieceKind::Neck, self::NECK], [PieceKind::Fretboard, self::BOARD], [PieceKind::Body, self::BODY], [PieceKind::Top, ['body.layers']]] as [$kind, $done]) {
            $this->assertSame([], self::judge($kind, [], [], $done, self::BODY)->lines, $kind->value);
        }
    }

    /** @return iterable<string, array{PieceKind, list<string>, array<string, mixed>, string}> what is otherwise there, and the line that says so */
    public static function misfits(): iterable
    {
        yield 'another scale' => [PieceKind::Neck, self::NECK, ['scale' => '630'], 'Scale'];
        yield 'the other hand' => [PieceKind::Neck, self::NECK, ['hand' => 'left'], 'Hand'];
        yield 'a wider nut' => [PieceKind::Neck, self::NECK, ['nutWidth' => '44'], 'Nut width'];
        yield 'too thin' => [PieceKind::Neck, self::NECK, ['thicknessFirst' => '20.9'], 'Thickness at first fret'];
        yield 'another joint' => [PieceKind::Neck, self::NECK, ['joint' => 'set'], 'Neck joint'];
        yield 'seven strings' => [PieceKind::Neck, self::NECK, ['strings' => '7', 'gauges' => '', 'tuning' => ''], 'Strings'];
        yield 'bigger tuner holes' => [PieceKind::Neck, self::NECK, ['tunerHole' => '11'], 'Tuner hole'];
        yield 'a board of another scale' => [PieceKind::Fretboard, self::BOARD, ['scale' => '630'], 'Scale'];
        yield 'a board with fewer frets' => [PieceKind::Fretboard, self::BOARD, ['frets' => '21'], 'Frets'];
        yield 'a board that is too thin' => [PieceKind::Fretboard, self::BOARD, ['boardThickness' => '5.5'], 'Board thickness'];
        yield 'a thinner body' => [PieceKind::Body, self::BODY, ['layers' => [['timber' => 'red alder', 'thickness' => '40']]], 'Body thickness'];
        yield 'another outline' => [PieceKind::Body, self::BODY, ['bodyWidth' => '300'], 'Body, at its widest'];
        yield 'other pickups' => [PieceKind::Body, self::BODY, ['pickups' => 2], 'Pickups, from the neck'];
        yield 'a body for the left hand' => [PieceKind::Body, self::BODY, ['hand' => 'left'], 'Hand'];
    }

    /**
     * @param  list<string>  $done
     * @param  array<string, mixed>  $there
     */
    #[DataProvider('misfits')]
    public function test_what_is_cut_into_it_otherwise_keeps_it_from_fitting(PieceKind $kind, array $done, array $there, string $what): void
    {
        $fitting = self::judge($kind, [], $there, $done);
        $this->assertFalse($fitting->fits());
        $this->assertStringContainsString($what, implode('; ', $fitting->cannot()));
        $this->assertTrue(self::judge($kind, [], $there, [])->fits(), 'what is not cut yet is cut as it is needed');
    }

    public function test_there_may_be_more_of_it_where_it_can_be_taken_off(): void
    {
        $thicker = self::judge(PieceKind::Neck, [], ['thicknessFirst' => '23'], self::NECK);
        $this->assertSame([true, ['Thickness at first fret: 23 mm, 21.5 mm needed (carved further)']], [$thicker->fits(), $thicker->differs()]);
        $more = self::judge(PieceKind::Fretboard, [], ['frets' => '24'], ['fretboard.thickness', 'fretboard.slots']);
        $this->assertSame(['Frets: 24, 22 needed (cut off behind the last fret)'], $more->differs());
        $top = ['layers' => [['timber' => 'sugar maple', 'thickness' => '9'], ['timber' => 'red alder', 'thickness' => '36']]];
        $this->assertTrue(self::judge(PieceKind::Top, ['layers' => [['timber' => 'sugar maple', 'thickness' => '6'], ['timber' => 'red alder', 'thickness' => '39']]], $top, ['body.layers'])->fits());
    }

    public function test_another_timber_fits_and_the_client_sees_it(): void
    {
        $other = self::judge(PieceKind::Fretboard, [], ['boardTimber' => 'African ebony'], self::BOARD);
        $this->assertSame([true, ['Board timber: African ebony, Indian rosewood needed']], [$other->fits(), $other->differs()]);
    }

    public function test_within_the_tolerance_of_the_house_it_is_the_same(): void
    {
        $this->assertSame([], self::judge(PieceKind::Neck, [], ['nutWidth' => '43.2'], self::NECK)->lines, 'nut and heel ± 0.2 (TRADE section 4)');
        $this->assertFalse(self::judge(PieceKind::Neck, [], ['nutWidth' => '43.21'], self::NECK)->fits());
        $strict = new Fits(Specifications::read(), Specifications::read(['nutWidth' => '43.2']), self::NECK, [], Tolerances::of(['width' => 0.1]));
        $this->assertFalse($strict->judge([PieceKind::Neck])->fits());
    }

    public function test_a_heel_fits_its_pocket_with_a_gap_of_at_most_fifteen_hundredths_each_side(): void
    {
        $gap = static fn (string $heel): bool => self::judge(PieceKind::Neck, ['heelWidth' => '56', 'pocketWidth' => '56'], ['heelWidth' => $heel], self::NECK, ['joint.pocket'])->fits();
        $this->assertSame([true, true, false, false], [$gap('56'), $gap('55.7'), $gap('55.6'), $gap('56.1')]);
        $this->assertTrue(self::judge(PieceKind::Neck, ['heelWidth' => '56', 'pocketWidth' => '56'], ['heelWidth' => '57'], self::NECK)->fits(), 'a pocket that is not cut yet is cut to its neck');
        $high = self::judge(PieceKind::Neck, [], ['heelThickness' => '25'], self::NECK, ['joint.pocket']);
        $this->assertStringContainsString('heel over the body', implode(';', $high->cannot()));
    }
}
