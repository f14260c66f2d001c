<?php

declare(strict_types=1);

namespace Regimen\Setback;

use Regimen\Figures\Workings;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Units\Words;

/**
 * What a specification becomes that makes do with what is left of a spoiled fretboard: cut off before the slot it has
 * fewer frets; cut off behind it, it is a board of a shorter scale, L·2^(−k/12) when it begins at fret k (CALCULATIONS G1).
 */
final readonly class WhatIsLeft
{
    private const LEAST_FRETS = 12;

    private const LEAST_SCALE = 400.0;

    /**
     * @param  array<string, string>  $changes  typed, by field
     * @param  string  $cannot  why not, though the board would do; empty where it can be
     */
    private function __construct(public string $key, public string $words, public array $changes, public string $cannot)
    {
    }

    /** One measure is what it is by now, and the specification takes it so. */
    public static function asItIs(string $field, string $label, string $value): self
    {
        return new self('as-it-is', 'take it as it is: '.lcfirst($label)." {$value}", [$field => $value], '');
    }

    /**
     * @param  int  $fret  whose slot is spoiled, from 1
     * @param  list<string>  $done  operations that are begun or done on the instrument
     * @return list<self> none where the board is too short for either
     */
    public static function ofBoard(Workings $w, int $fret, array $done): array
    {
        $board = $w->specification->board;
        $left = [];
        if ($fret > self::LEAST_FRETS && $fret <= $board->frets) {
            $join = $w->specification->joinery->joinFret;
            $left[] = new self(
                'fewer', 'fewer frets: '.($fret - 1), ['frets' => (string) ($fret - 1)],
                $fret - 1 < $join ? "the body begins at fret {$join}, and the board would end before it" : '',
            );
        }
        $cut = $fret + 1;
        $scale = $board->scale->mm * 2 ** (-$cut / 12);
        if ($fret >= 1 && $board->frets - $cut >= self::LEAST_FRETS && $scale >= self::LEAST_SCALE) {
            $left[] = new self(
                'shorter', 'a shorter scale: '.Words::number($scale).' mm from fret '.$cut,
                [
                    'scale' => Words::number($scale, 2), 'frets' => (string) ($board->frets - $cut),
                    'joinFret' => (string) max(8, $w->specification->joinery->joinFret - $cut),
                ],
                self::isTooLateForScale($w, $done),
            );
        }

        return $left;
    }

    /** @param  list<string>  $done */
    private static function isTooLateForScale(Workings $w, array $done): string
    {
        $scale = Words::number($w->specification->board->scale->mm);

        return match (true) {
            in_array(FretboardOperation::Glue->value, $done, true) => 'the board is glued to its neck',
            in_array(NeckOperation::Outline->value, $done, true) => "the neck is cut for {$scale} mm",
            array_intersect([JointOperation::Bridge->value, JointOperation::Pocket->value], $done) !== [] => "the body is cut for {$scale} mm",
            $w->specification->board->scaleTreble !== null => 'its sides have scales of their own',
            default => '',
        };
    }
}
