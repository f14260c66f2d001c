<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\SpecificationRevision;
use Regimen\Geometry\FretWire;
use Regimen\Instrument\Specification;
use Regimen\Units\Length;

/** A specification as the build sheet shows it: in groups, lengths in millimetres and inches. */
final class SpecificationWords
{
    /** @return array<string, mixed> */
    public static function of(Specification $s, SpecificationRevision $revision): array
    {
        return [
            'revision' => $revision->number,
            'at' => $revision->at->toIso8601ZuluString(),
            'groups' => [
                ['name' => 'Scale and board', 'lines' => [
                    self::length('Scale', $s->scale),
                    self::words('Frets', (string) $s->frets),
                    self::length('Nut width', $s->nutWidth),
                    self::length('Nut to twelfth', $s->frets()->position(12), true),
                    self::length('Nut to last fret', $s->frets()->last(), true),
                    self::length('Board length', $s->boardLength(), $s->boardLength === null),
                    self::words('Board', $s->boardTimber->name.($s->boardIsLacquered() ? ', lacquered' : ', left bare or oiled')),
                    self::length('Fret wire', FretWire::length($s), true),
                ]],
                ['name' => 'Neck and body', 'lines' => [
                    self::words('Strings', "{$s->strings}, {$s->type->value}, {$s->hand->value} hand"),
                    self::words('Neck', $s->neckTimber->name),
                    self::words('Joint', $s->joint->value),
                    self::words('Body', $s->body->value),
                    ...array_map(static fn ($layer, int $index): array => self::length('Layer '.($index + 1).', '.$layer->timber->name, $layer->thickness), $s->layers, array_keys($s->layers)),
                    self::length('Body thickness', $s->bodyThickness(), true),
                ]],
                ['name' => 'Finish and electronics', 'lines' => [
                    self::words('Finish', $s->finish->words()),
                    self::words('Colour', $s->colour === '' ? 'natural' : $s->colour),
                    self::words('Pickups', (string) $s->pickups),
                    self::words('Electronics', $s->electronics === '' ? '–' : $s->electronics),
                ]],
            ],
            'wishes' => $s->wishes,
        ];
    }

    /** @return array<string, mixed> */
    private static function length(string $name, Length $length, bool $computed = false): array
    {
        return ['name' => $name, 'value' => $length->inMillimetres(), 'other' => $length->inFraction(), 'computed' => $computed];
    }

    /** @return array<string, mixed> */
    private static function words(string $name, string $value): array
    {
        return ['name' => $name, 'value' => $value, 'other' => null, 'computed' => false];
    }
}
