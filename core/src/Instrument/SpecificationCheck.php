<?php

declare(strict_types=1);

namespace Regimen\Instrument;

/** What cannot be built as it is written: bounds of the single figures and contradictions between them. */
final class SpecificationCheck
{
    /** Thinnest and thickest body that is usual, in mm; common practice. */
    private const BODY_MM = [25.0, 70.0];

    private const LAYER_MM = 0.5;

    private const FRETS = [12, 36];

    /** @return array<string, string> field => what is wrong and what would be right; empty when all is well */
    public static function problems(Specification $specification): array
    {
        return array_filter([
            'strings' => self::strings($specification),
            'scale' => self::scale($specification),
            'frets' => self::frets($specification),
            'nutWidth' => self::nut($specification),
            'boardLength' => self::board($specification),
            'body' => $specification->body === BodyConstruction::Chambered && ! $specification->isLayered()
                ? 'Chambers have to be closed: add a top as a second layer, or make the body solid.' : null,
            'pickups' => $specification->pickups < 0 || $specification->pickups > 4 ? 'Pickups: none to 4.' : null,
            ...self::layers($specification),
        ]);
    }

    private static function strings(Specification $s): ?string
    {
        [$fewest, $most] = $s->type->strings();

        return $s->strings >= $fewest && $s->strings <= $most ? null
            : "A {$s->type->value} here has {$fewest} to {$most} strings, not {$s->strings}.";
    }

    private static function scale(Specification $s): ?string
    {
        [$shortest, $longest] = $s->type->scaleRange();
        if ($s->scale->mm >= $shortest && $s->scale->mm <= $longest) {
            return null;
        }
        $asInches = $s->scale->mm * 25.4;
        $hint = $asInches >= $shortest && $asInches <= $longest ? " Did you mean {$s->scale->mm} in?" : '';

        return "{$s->scale->inMillimetres()} is no {$s->type->value} scale; it runs from {$shortest} to {$longest} mm.{$hint}";
    }

    private static function frets(Specification $s): ?string
    {
        [$fewest, $most] = self::FRETS;

        return $s->frets >= $fewest && $s->frets <= $most ? null : "Frets: {$fewest} to {$most}, not {$s->frets}.";
    }

    private static function nut(Specification $s): ?string
    {
        [$narrowest, $widest] = $s->type->nutRange(max(1, $s->strings));

        return $s->nutWidth->mm >= $narrowest && $s->nutWidth->mm <= $widest ? null
            : sprintf('%s is no nut width for %d strings; between %.0f and %.0f mm is.', $s->nutWidth->inMillimetres(), $s->strings, $narrowest, $widest);
    }

    private static function board(Specification $s): ?string
    {
        if ($s->boardLength === null || self::frets($s) !== null || self::scale($s) !== null) {
            return null;
        }
        $fits = $s->frets()->countWithin($s->boardLength);
        if ($fits >= $s->frets) {
            return $s->boardLength->mm < $s->scale->mm ? null : 'A board as long as the scale would reach the bridge.';
        }

        return sprintf(
            'Fret %d of a %s scale lies at %s; a board of %s ends after fret %d. Lengthen the board or take fewer frets.',
            $s->frets, $s->scale->inMillimetres(), $s->frets()->last()->inMillimetres(), $s->boardLength->inMillimetres(), $fits,
        );
    }

    /** @return array<string, string|null> */
    private static function layers(Specification $s): array
    {
        $problems = [];
        foreach ($s->layers as $index => $layer) {
            $problems["layers.{$index}.thickness"] = $layer->thickness->mm < self::LAYER_MM ? 'A layer is at least 0.5 mm thick.' : null;
        }
        [$thin, $thick] = self::BODY_MM;
        $body = $s->bodyThickness();
        if ($body->mm < $thin || $body->mm > $thick) {
            $problems['layers'] = "The layers add up to {$body->inMillimetres()}; a body is {$thin} to {$thick} mm thick.";
        }

        return $problems;
    }
}
